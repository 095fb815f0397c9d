import { createHash } from 'node:crypto';

/** The few pages that are shown to who is not in yet: each is one file, without a script, and asks for nothing else. */

const entities: Readonly<Record<string, string>> = {
	'&': '&amp;',
	'<': '&lt;',
	'>': '&gt;',
	'"': '&quot;',
	"'": '&#39;'
};
/** Text as it stands in a page. */
export const plain = (text: string) => text.replace(/[&<>"']/g, (sign) => entities[sign]);

const style = `
:root { color-scheme: light; --paper: #f6f1e7; --ink: #1b2320; --soft: #4f5853; }
* { box-sizing: border-box; }
body { margin: 0; background: var(--paper); color: var(--ink); font: 1.0625rem/1.5 system-ui, sans-serif; }
header { display: flex; align-items: center; gap: .6rem; min-height: 3.75rem; padding: 0 1.25rem; border-bottom: 1px solid currentColor; font-weight: 700; font-size: 1.375rem; }
main { max-width: 38.5rem; margin: 0 auto; padding: 1.5rem 1.25rem 3rem; display: grid; gap: 1.1rem; }
h1 { margin: 0; font-size: 2rem; line-height: 1.15; }
p, ol, ul { margin: 0; } ol { padding-left: 1.4rem; display: grid; gap: .9rem; } ul { padding: .5rem 0 0 1.1rem; display: grid; gap: .5rem; }
a { color: inherit; text-underline-offset: .2em; }
form { display: grid; gap: 1.1rem; }
label { display: grid; gap: .35rem; font-weight: 600; }
input { font: inherit; font-weight: 400; color: inherit; width: 100%; min-height: 3rem; padding: .4rem .7rem; border: 2px solid currentColor; border-radius: .4rem; background: #fff; }
button, a.action { font: inherit; font-weight: 700; min-height: 3.25rem; padding: .6rem 1.2rem; border: 0; border-radius: .4rem; background: var(--ink); color: #fff; text-decoration: none; display: inline-flex; align-items: center; justify-content: center; justify-self: start; cursor: pointer; }
:focus-visible { outline: 3px solid #1b2320; outline-offset: 3px; }
.soft { color: var(--soft); font-size: .9375rem; font-weight: 400; }
.problem { padding: .7rem .9rem; border-left: 5px solid #9c2b12; background: #fff; font-weight: 600; }
code, .digits { font-family: ui-monospace, monospace; overflow-wrap: anywhere; }
@media (prefers-color-scheme: dark) {
:root { color-scheme: dark; --paper: #141917; --ink: #efe9dc; --soft: #b9bfb9; }
input, .problem { background: #1f2623; } button, a.action { color: #141917; } :focus-visible { outline-color: #efe9dc; } .problem { border-color: #ff9d80; }
}`;
const styleHash = createHash('sha256').update(style).digest('base64');

const policy = [
	"default-src 'none'",
	`style-src 'sha256-${styleHash}'`,
	"form-action 'self'",
	"base-uri 'none'",
	"frame-ancestors 'none'"
].join('; ');

/** What goes with such a page. */
export const pageHeaders: Readonly<Record<string, string>> = {
	'content-type': 'text/html; charset=utf-8',
	'content-security-policy': policy,
	'cache-control': 'no-store'
};

/** The frame of such a page. */
export const pageOf = (title: string, content: string) => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8" />
<meta name="viewport" content="width=device-width, initial-scale=1" />
<title>${plain(title)} · Just Enough</title>
<style>${style}</style>
</head>
<body>
<header><svg viewBox="0 0 28 28" width="28" height="28" aria-hidden="true" fill="none" stroke="currentColor"><path d="M3 18 A11 11 0 0 1 25 18" stroke-width="2.6" stroke-linecap="round"/><path d="M8.5 18 A5.5 5.5 0 0 1 19.5 18 Z" fill="currentColor" stroke="none"/><path d="M2 23h24" stroke-width="2.6" stroke-linecap="round"/></svg><span>just enough</span></header>
<main>
<h1>${plain(title)}</h1>
${content}
</main>
</body>
</html>
`;

const problemIn = (problem: string) =>
	problem ? `<p class="problem" role="alert">${plain(problem)}</p>` : '';

const deviceField = (device: string) => `<label>This device’s name
<input name="device" value="${plain(device)}" maxlength="60" required autocomplete="off" />
<span class="soft">You’ll find it by this name when you sign a device out.</span></label>`;

const nameField = (name: string, hint: string, needed: boolean) => `<label>Your name
<input name="name" value="${plain(name)}" maxlength="80" autocomplete="username"${needed ? ' required' : ''} />
<span class="soft">${hint}</span></label>`;

const newPassphrase = `<label>Passphrase
<input name="passphrase" type="password" required autofocus autocomplete="new-password" minlength="12" maxlength="128" aria-describedby="how" />
<span class="soft" id="how">12 characters or more. Four unrelated words work well, and are easy to type on a phone.</span></label>
<label>The same again
<input name="again" type="password" required autocomplete="new-password" maxlength="128" /></label>`;

/** What is to be known where a cookie goes over the air as it is. */
const overPlain = (https: boolean) =>
	https
		? ''
		: `<p class="soft">This address is plain http: anyone listening on this network can read the passphrase and sign in after you. Browsers also allow the microphone, your position, keeping the screen on and working without the server only over https. Start the program with <code>--lan</code>, or put https before it.</p>`;

interface Form {
	device: string;
	problem?: string;
	/** On this machine itself nothing goes over the air. */
	safe: boolean;
}

/** Where one comes in. */
export const signInPage = ({
	device,
	problem = '',
	safe,
	to,
	begun,
	people,
	name = ''
}: Form & { to: string; begun: boolean; people: boolean; name?: string }) =>
	pageOf(
		'Sign in',
		begun
			? `${problemIn(problem)}
<form method="post">
${people ? nameField(name, 'The owner may leave it empty.', false) : ''}
<label>Passphrase
<input name="passphrase" type="password" required autofocus autocomplete="current-password" maxlength="128" /></label>
${deviceField(device)}
<input type="hidden" name="to" value="${plain(to)}" />
<button>Sign in</button>
</form>
${overPlain(safe)}
<p class="soft">A phone doesn’t need it: at the desk, open Settings, Phones.</p>`
			: `<p>Nobody can sign in yet. Open the program at the desk where it runs, and choose a passphrase there.</p>`
	);

/** The first passphrase, at the desk. */
export const beginPage = ({
	device,
	problem = '',
	people
}: Pick<Form, 'device' | 'problem'> & { people: boolean }) =>
	pageOf(
		'Choose a passphrase',
		`<p>Others can reach the program now. Everyone who signs in, at this desk or elsewhere, needs this passphrase.</p>
${problemIn(problem)}
<form method="post">
${people ? nameField('', 'You’re the owner: you invite others. Nobody sees anyone else’s records.', true) : ''}
${newPassphrase}
${deviceField(device)}
<button>Save and sign in</button>
</form>`
	);

/** Somebody's first time, by an invitation. */
export const joinPage = ({
	device,
	code,
	problem = '',
	name
}: Pick<Form, 'device' | 'problem'> & { code: string; name: string | null }) =>
	name === null
		? pageOf(
				'This invitation has ended',
				`<p>It has been used, or is over a day old. Ask the owner for a new one.</p><p><a href="/sign-in">Sign in</a></p>`
			)
		: pageOf(
				`Welcome, ${name}`,
				`<p>Choose a passphrase. What you keep here is yours: nobody else who signs in sees it.</p>
${problemIn(problem)}
<form method="post">
<input type="hidden" name="code" value="${plain(code)}" />
${newPassphrase}
${deviceField(device)}
<button>Save and sign in</button>
</form>`
			);

/** A phone's first time, by its code. */
export const pairPage = ({
	device,
	code,
	problem = '',
	good
}: Pick<Form, 'device' | 'problem'> & { code: string; good: boolean }) =>
	pageOf(
		'Pair this phone',
		good
			? `${problemIn(problem)}<p>It stays signed in until you sign it out at the desk, or don’t use it for 30 days.</p>
<form method="post">
<input type="hidden" name="code" value="${plain(code)}" />
${deviceField(device)}
<button>Pair it</button>
</form>`
			: `<p class="problem" role="alert">This code has been used, or is over five minutes old.</p><p>Show a new one at the desk: Settings, Phones.</p><p><a href="/sign-in">Or sign in with the passphrase</a></p>`
	);

/** What a phone that asks by plain http is shown: how it comes to trust this machine. */
export const certificatePage = (address: string, fingerprint: string) =>
	pageOf(
		'Trust this machine once',
		`<p>A phone allows the microphone, your position and working without the server only at addresses it trusts. This machine has its own certificate for that.</p>
<ol>
<li><a class="action" href="/authority.crt">Download the certificate</a></li>
<li>Have the phone trust it, in its settings:
<ul>
<li>Where it says that a <em>profile</em> was downloaded: install the profile under General, then switch it on under About, Certificate trust.</li>
<li>Where it asks what the certificate is for: choose <em>CA certificate</em>, under Security, Install from storage.</li>
</ul></li>
<li>At the desk, open Settings, Phones, and scan the second code. Or go on with the passphrase: <a href="${plain(address)}">${plain(address)}</a></li>
</ol>
<p class="soft">Compare before you trust it. The desk shows the same digits (SHA-256):<br /><span class="digits">${plain(fingerprint)}</span></p>
<p class="soft">It vouches for this machine and home-network addresses, and for nothing else: no bank, no mail. You can remove it again in the same settings.</p>`
	);

/** The same where the certificate is the person's own: phones trust it already. */
export const goOnPage = (address: string) =>
	pageOf('This way', `<p>The program is here: <a href="${plain(address)}">${plain(address)}</a></p>`);
