import { Component, lazy, type ReactNode } from 'react'
import { Notice } from './Notice'

type Page = Awaited<ReturnType<Parameters<typeof lazy>[0]>>['default']

const waiting: (() => Promise<unknown>)[] = []

/** A page that is fetched when it is opened, or before that while nothing else is going on. */
export function page<P extends Page>(load: () => Promise<{ default: P }>) {
  waiting.push(load)
  return lazy(load)
}

/** Fetches all pages one after the other, so that they are there when the network is not. */
export async function fetchPages() {
  for (const load of waiting.splice(0)) {
    try {
      await load()
    } catch {
      // It is fetched again when it is opened.
    }
  }
}

/** Stands round the pages: one that could not be fetched or drawn says so, and is not a blank screen. */
export class PageBoundary extends Component<
  { at: string; children: ReactNode },
  { failed: boolean; at: string }
> {
  override state = { failed: false, at: this.props.at }

  static getDerivedStateFromError() {
    return { failed: true }
  }

  /** Another address is another try. */
  static getDerivedStateFromProps(props: { at: string }, state: { failed: boolean; at: string }) {
    return props.at === state.at ? null : { failed: false, at: props.at }
  }

  override render() {
    if (!this.state.failed) return this.props.children
    return (
      <div className="px-4 pt-6 max-w-[40rem]">
        <Notice kind="danger">
          This page could not be opened. The service may be away for a moment. Nothing that was counted or
          typed is lost.
        </Notice>
        <button
          type="button"
          className="btn btn-primary min-h-14 mt-4"
          onClick={() => window.location.reload()}
        >
          Open it again
        </button>
      </div>
    )
  }
}
