/// The running application for tests: a real PostgreSQL, a real port, and a client that signs in.
@NullMarked
package app.bittern.server.testing;

import org.jspecify.annotations.NullMarked;
