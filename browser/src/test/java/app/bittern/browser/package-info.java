/// The real interface, driven in a browser against the running application.
@NullMarked
package app.bittern.browser;

import org.jspecify.annotations.NullMarked;
