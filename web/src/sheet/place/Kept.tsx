import { Component, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'

interface Props {
  onCrash: (message: string) => void
  children: ReactNode
}

/** Catches what fails while the sheet is shown, so that the rest of the bench stands. */
export class Kept extends Component<Props, { failed: boolean }> {
  state = { failed: false }

  static getDerivedStateFromError() {
    return { failed: true }
  }

  componentDidCatch(error: Error) {
    this.props.onCrash(error.message)
  }

  render() {
    if (!this.state.failed) return this.props.children
    return (
      <p className="p-4">
        This part of the sheet failed. <Button onClick={() => this.setState({ failed: false })}>Show it again</Button>
      </p>
    )
  }
}
