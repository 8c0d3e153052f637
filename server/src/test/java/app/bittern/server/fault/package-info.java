/// What becomes of plans and screens when servers, the database, its disk or the clock fail.
@NullMarked
package app.bittern.server.fault;

import org.jspecify.annotations.NullMarked;
