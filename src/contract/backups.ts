/** A backup as the server tells of it. */
export interface BackupTold {
	name: string;
	at: string;
	bytes: number;
}

export interface BackupsTold {
	folder: string;
	second: string | null;
	failed: { at: string; why: string } | null;
	/** The newest first. */
	items: BackupTold[];
}
