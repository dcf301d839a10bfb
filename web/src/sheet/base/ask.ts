/** The dialogs and parts of the sheet that a tool can ask for. */
export type SheetAsk =
  | 'link'
  | 'picture'
  | 'gallery'
  | 'settings'
  | 'table'
  | 'table-settings'
  | 'columns'
  | 'embed'
  | 'audio'
  | 'video'
  | 'download'
  | 'button'
  | 'jump'
  | 'html'
  | 'colour'
  | 'highlight'
  | 'type'
  | 'abbreviation'
  | 'language'
  | 'merge-field'
  | 'characters'
  | 'find'
  | 'insert'
  | 'shortcuts'
  | 'helps'
  | 'fold-tools'
  | 'counts'
  | 'paste-text'
  | 'tidy'

/** What a tool can ask of the place the sheet stands in. */
export type PlaceAsk = 'quiet' | 'out' | 'save-outline' | 'keep-snippet' | 'shelf' | 'import'

/** Whatever a tool can ask for. */
export type Ask = SheetAsk | PlaceAsk
