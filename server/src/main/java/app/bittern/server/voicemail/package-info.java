/// Mailboxes as their screen shows them: who comes there, what is said to them, where messages go.
///
/// Main type: [VoicemailApi].
@NullMarked
package app.bittern.server.voicemail;

import org.jspecify.annotations.NullMarked;
