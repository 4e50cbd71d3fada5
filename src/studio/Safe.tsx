'use client';

import { Component, type ReactNode } from 'react';
import { Button, Notice, QuietButton, Row, SheetBody } from './parts';

interface SafeProps {
  /** What stumbled, as the seller calls it: "This sheet", "The window". */
  what: string;
  /** Where this changes, another try is made by itself. */
  turn: unknown;
  onUndo: () => void;
  children: ReactNode;
}

interface SafeState {
  fault: string | null;
  turn: unknown;
}

/** Keeps a fault where it happened: the rest of the studio goes on, and nothing that was decided is lost. */
export class Safe extends Component<SafeProps, SafeState> {
  override state: SafeState = { fault: null, turn: this.props.turn };

  static getDerivedStateFromError(error: unknown): Pick<SafeState, 'fault'> {
    return { fault: error instanceof Error ? error.message : String(error) };
  }

  static getDerivedStateFromProps({ turn }: SafeProps, state: SafeState): SafeState | null {
    return turn === state.turn ? null : { fault: null, turn };
  }

  override render(): ReactNode {
    const { fault } = this.state;
    if (fault === null) return this.props.children;
    const again = () => this.setState({ fault: null });
    return (
      <SheetBody role="alert">
        <h2>{this.props.what} stumbled</h2>
        <Notice $kind="mend">
          A fault of Arcatum’s own stopped it: {fault} Nothing is lost: every step is kept. Try again, or take the last step back.
        </Notice>
        <Row>
          <Button onPress={again}>Try again</Button>
          <QuietButton
            onPress={() => {
              this.props.onUndo();
              again();
            }}
          >
            Take the last step back
          </QuietButton>
        </Row>
      </SheetBody>
    );
  }
}
