import { Component, type ReactNode } from 'react';
import { CannotShow } from './CannotShow';

/** A screen that comes to a stop says so, in the place of a blank page; the way back, and another try, stay open. */
export class Boundary extends Component<{ path: string; onAgain: () => void; children: ReactNode }, { stopped: boolean }> {
    override state = { stopped: false };

    static getDerivedStateFromError() {
        return { stopped: true };
    }

    override componentDidUpdate(before: { path: string }) {
        if (this.state.stopped && before.path !== this.props.path) this.setState({ stopped: false });
    }

    override render() {
        if (!this.state.stopped) return this.props.children;
        return (
            <CannotShow
                title="This screen came to a stop"
                message="Something in it went wrong, and not by what you did. What is saved stays as it is."
                onAgain={() => {
                    this.props.onAgain();
                    this.setState({ stopped: false });
                }}
            />
        );
    }
}
