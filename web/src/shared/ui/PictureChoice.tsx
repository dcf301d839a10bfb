import type { Asset } from '../api/types'
import { AssetChoice } from './AssetChoice'

interface Props {
  picked: string
  onPick: (asset: Asset) => void
}

/** The site's pictures to pick one from. */
export function PictureChoice({ picked, onPick }: Props) {
  return (
    <AssetChoice
      query={{ kind: 'PICTURE' }}
      word="picture"
      accept="image/*"
      fits={(a) => a.width > 0}
      picked={[picked]}
      onPick={onPick}
    />
  )
}
