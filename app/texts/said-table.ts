/* Words of the interface: said-table. */

export const thereIsNoTableYet = 'There is no table yet.'
export const aNewProductNeedsABrand = 'A new product needs a brand.'
export const theBrandIsTooLong = 'The brand is too long.'
export const aNewProductNeedsAPart = 'A new product needs a part number.'
export const thePartNumberIsTooLong = 'The part number is too long.'
export const theLabelOfTheSpecimenIs = 'The label of the specimen is too long.'
export const theDay = 'The day'
export const thisLineUp = 'This line-up'
export const saidCsv = (name: string) => `${name} said.csv`
export const noFileArrivedChooseOneAnd = 'No file arrived. Choose one and send it again.'
export const yourTableTitle = 'Your table · Plicator'
export const nothingInThisTableCanBe = 'Nothing in this table can be read as a reading.'
export const tableOf = (name: string) => `table of ${name}`
export const yourTableAsItIs = 'Your table, as it is'
export const pasteCellsOutOfASpreadsheet =
  'Paste cells out of a spreadsheet or send a file (.xlsx, .csv): products across or down, units in heads or cells. You see what becomes of every value before anything is kept.'
export const cells = 'Cells'
export const orAFile = 'Or a file'
export const sheet = 'Sheet'
export const aTableHasAHeadAnd = 'A table has a head and at least one row.'
