/** A picture to be looked at: the server has it under its id, or it is here as its file. */
export interface ShownPicture {
	id: string;
	name: string;
	file?: Blob;
}
