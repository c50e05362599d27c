import { Component, type ReactNode, useLayoutEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { named } from './title';

interface ScreenProps {
  title: string;
  children: ReactNode;
}

/** One screen: named, and when it breaks it breaks alone. */
export function Screen({ title, children }: ScreenProps) {
  const { pathname } = useLocation();
  // Before the screen itself: where it knows better, what it says stands.
  useLayoutEffect(() => {
    document.title = named(title);
  }, [title, pathname]);
  return <Breakwater at={pathname}>{children}</Breakwater>;
}

interface Standing {
  broken: boolean;
  /** It was shown again already, and broke again. */
  again: boolean;
}

/** Stands between a screen that breaks and everything around it. */
class Breakwater extends Component<{ at: string; children: ReactNode }, Standing> {
  override state = { broken: false, again: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override componentDidUpdate(before: { at: string }) {
    if (before.at !== this.props.at && this.state.broken) {
      this.setState({ broken: false, again: false });
    }
  }

  private readonly retry = () => {
    // What was fetched in pieces and is gone from the server comes only with the whole.
    if (this.state.again) window.location.reload();
    else this.setState({ broken: false, again: true });
  };

  override render() {
    return this.state.broken ? <Broken again={this.retry} /> : this.props.children;
  }
}

function Broken({ again }: { again: () => void }) {
  return (
    <main className="max-w-xl p-8">
      <div role="alert" className="grid content-start gap-3">
        <h1 className="stencil text-verm text-2xl">This screen has stopped</h1>
        <p className="m-0">
          The fault is in Elsko, not in what you did. Nothing that was entered is lost; entries that
          wait on this device still go up.
        </p>
        <div className="flex gap-3">
          <button type="button" className="btn" onClick={again}>
            Show it again
          </button>
          <Link className="btn" to="/">
            To the yard
          </Link>
        </div>
      </div>
    </main>
  );
}

/** First on the page for whoever goes by keyboard: past what stands on every screen. */
export function SkipLink() {
  return (
    <a
      href="#screen"
      className="bg-paper focus:border-line sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:border focus:px-3 focus:py-2"
      onClick={(event) => {
        const main = document.querySelector('main');
        if (!main) return;
        event.preventDefault();
        main.tabIndex = -1;
        main.focus();
      }}
    >
      Skip to the screen
    </a>
  );
}
