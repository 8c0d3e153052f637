/// What a call sets off besides its ending: alarms with what they send, switches turned, agents logged in and out,
/// recordings, and what each phone that rings shows.
@NullMarked
package app.bittern.effect;

import org.jspecify.annotations.NullMarked;
