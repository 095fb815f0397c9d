export { arePartsOfASecond, dateOrders, possibleOrders, type DateOrder } from './cells';
export { guessedColumns, separatorOf, type Columns, type NotebookField } from './columns';
export { readRows, type NotebookRow, type Reading } from './rows';
