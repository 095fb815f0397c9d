import {
	agedLight,
	asRead,
	faceOf,
	isOld,
	resolveLight,
	takesHabit,
	together,
	withHabit,
	type Face,
	type Habit,
	type Landmark,
	type Light
} from '$core/light';
import { roundToThird } from '$core/units';
import { wayOfReading } from '$words';
import type { OwnDoubt } from '$core/practice';
import type { PlaceRecord, ReadingRecord } from '$contract/records';
import { zones } from '$lib/here/zones.svelte';
import { replace, type Kept } from '$lib/records/client';
import { outbox } from '$lib/records/outbox.svelte';
import { wholeLine } from './line';

/** Where the line stands when it is dragged before any light was read: a grey day. */
const UNREAD_LIGHT = 12;
/** Doubt of a light that was only tried by dragging, where no reading gives one, stops. */
const UNREAD_DOUBT = 1;
const [DARKEST, BRIGHTEST] = wholeLine;

type Where = ReadingRecord['where'];

/** What the light is known from. */
export interface LightRecords {
	/** The last ones, newest first. */
	readings: Kept<ReadingRecord>[];
	/** Readings with a name. */
	landmarks: Kept<ReadingRecord>[];
	places: Kept<PlaceRecord>[];
	doubts: OwnDoubt[];
	/** What is taken off readings by their way, where the person agreed to that. */
	habits: Record<string, Habit>;
	/** How often the person has guessed a light in practice. */
	guesses: number;
}

/** The light of the Shoot view: what was read, how it has aged, and what is tried instead. */
export class LightDesk {
	#records: () => LightRecords;

	/** A light that is being tried by moving the line, EV. */
	triedEv = $state<number | null>(null);
	/** The clock by which readings grow old, ms since 1970. */
	now = $state(Date.now());
	problem = $state('');

	/** The reading that holds. */
	reading = $derived.by((): (ReadingRecord & { id: string }) | null => {
		const waiting = outbox.of('readings');
		return waiting.at(-1) ?? this.#records().readings[0] ?? null;
	});

	/** Where the last reading that knows it was taken. */
	where = $derived.by((): Where => {
		const { readings } = this.#records();
		return this.reading?.where ?? readings.find(({ where }) => where)?.where;
	});

	/** The reading as it stands now. */
	aged = $derived.by((): Light | null =>
		this.reading ? this.#asNow(this.reading, this.reading.light) : null
	);

	/** Whether it should be taken again. */
	old = $derived(this.reading !== null && this.aged !== null && isOld(this.reading.light, this.aged));

	/** How the line looks, and what dragging it drags. */
	face = $derived.by((): Face =>
		faceOf(this.aged, this.aged ? resolveLight(this.aged).sd : UNREAD_DOUBT, zones.at)
	);

	/** What is stored with a frame: the reading, or the light tried instead. */
	light = $derived.by((): Light | null => {
		if (this.triedEv === null) return this.aged;
		return keepingMeter(this.aged, this.face.lightAt(this.triedEv));
	});

	resolved = $derived(this.light ? resolveLight(this.light) : null);

	named = $derived.by(() => this.#records().landmarks);

	/** Named readings, as marks of the line. */
	landmarks = $derived.by((): Landmark[] =>
		this.named.map(({ light, name }) => ({ ev: resolveLight(light).ev, words: name! }))
	);

	/** Own doubts by practice, where the person wants them used. */
	doubts = $derived.by(() => this.#records().doubts);

	guesses = $derived.by(() => this.#records().guesses);

	recent = $derived.by(() => this.#records().readings);

	places = $derived.by(() => this.#records().places);

	constructor(records: () => LightRecords) {
		this.#records = records;
	}

	#asNow({ takenAt, where }: ReadingRecord, light: Light): Light {
		return agedLight(light, Date.parse(takenAt), this.now, where ?? null);
	}

	/** A reading with what its way runs taken off, where the person agreed to that. */
	#asItRuns(light: Light): Light {
		if (!takesHabit(light)) return light;
		const { habits } = this.#records();
		const read = asRead(light);
		const way = wayOfReading(read);
		return Object.hasOwn(habits, way) ? withHabit(read, habits[way]) : read;
	}

	/** Tries another light; the reading stays as it was. */
	try(ev: number): void {
		this.triedEv = Math.min(BRIGHTEST, Math.max(DARKEST, roundToThird(ev)));
	}

	/** Moves the light along the line, from where it stands. */
	move(stops: number): void {
		this.try((this.resolved?.ev ?? UNREAD_LIGHT) + stops);
	}

	/** Back to the light that was read. */
	dropTried(): void {
		this.triedEv = null;
	}

	/** Keeps a reading; what was tried by hand gives way to it. */
	async keep(read: Light, where: Where = this.where): Promise<void> {
		const light = this.#asItRuns(read);
		this.dropTried();
		this.problem = '';
		this.now = Date.now();
		const record = { takenAt: new Date(this.now).toISOString(), light, ...(where ? { where } : {}) };
		const sent = await outbox.send('readings', record);
		if (sent.result === 'refused') this.problem = sent.problem;
	}

	/** Weighs a further reading of the same light together with the one that holds. */
	async keepTogether(read: Light, where?: Where): Promise<void> {
		const light = this.#asItRuns(read);
		const { reading } = this;
		if (!reading) return this.keep(light, where);
		const { readings } = together(reading.light, light);
		const aged = readings.map((each, at) => (at < readings.length - 1 ? this.#asNow(reading, each) : each));
		await this.keep({ method: 'combined', readings: aged }, where);
	}

	/** Takes a reading of before again, for now. */
	async again({ light, where }: ReadingRecord): Promise<void> {
		const now =
			'method' in light && light.method === 'sun' ? { ...light, at: new Date().toISOString() } : light;
		await this.keep(now, where);
	}

	/** Gives a reading a name, by which it stays on the line; an empty name takes it off. */
	async name(reading: Kept<ReadingRecord>, name: string, refresh: () => Promise<void>): Promise<string> {
		const { name: before, ...rest } = reading;
		const written = await replace('readings', name.trim() === '' ? rest : { ...rest, name: name.trim() });
		if (written.result === 'saved' || written.result === 'stale') await refresh();
		if (written.result === 'saved') return '';
		if (written.result === 'invalid') return written.issues.map(({ message }) => message).join('; ');
		return written.result === 'refused' ? written.message : 'Not saved: the server isn’t answering.';
	}
}

/** Dragging keeps what lies between the subject's light and the meter's. */
function keepingMeter(read: Light | null, tried: Light): Light {
	if (read?.meterEv === undefined) return tried;
	const difference = read.meterEv - resolveLight(read).ev;
	return { ...tried, meterEv: resolveLight(tried).ev + difference };
}
