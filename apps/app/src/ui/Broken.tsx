import { Component, type ReactNode } from 'react';
import { Button, Text } from 'react-native-paper';
import { Notice } from './Notice';

/** Stands where a screen could not be shown, so that no page is ever blank. */
export class Broken extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    return (
      <Notice alert>
        <Text>This screen could not be opened. Everything that was logged is kept.</Text>
        <Button mode="contained" onPress={() => window.location.reload()}>
          Load it again
        </Button>
      </Notice>
    );
  }
}
