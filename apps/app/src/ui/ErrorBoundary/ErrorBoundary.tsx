import { Component, type ReactNode } from 'react';
import { Button, Text } from 'react-native-paper';
import { Notice } from '../Notice/Notice';

interface Props {
  /** What stands there: something else is tried afresh, without mounting anew what is sound. */
  path: string;
  children: ReactNode;
}

/** Stands where a screen could not be shown, so that no page is ever blank. */
export class ErrorBoundary extends Component<Props, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override componentDidUpdate({ path }: Props) {
    if (this.state.broken && path !== this.props.path) this.setState({ broken: false });
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
