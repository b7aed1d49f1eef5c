import { Component, type ReactNode } from 'react';
import { Text } from 'react-native-paper';
import { Notice } from '../Notice/Notice';
import { texts } from '../texts';
import { Button } from '../Button/Button';

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
        <Text>{texts.thisScreenCouldNot}</Text>
        <Button mode="contained" onPress={() => window.location.reload()}>
          {texts.reload}
        </Button>
      </Notice>
    );
  }
}
