export {
	guessedPairs,
	inOrder,
	numbersIn,
	putAgainst,
	slipped,
	turnedRound,
	type Pairing
} from './put-against';
