/// Which steps of a plan's calls the kept test calls take, and the fewest calls that take every step.
@NullMarked
package app.bittern.cover;

import org.jspecify.annotations.NullMarked;
