/// One class a check; [Checks] lists them.
@NullMarked
package app.bittern.finding.checks;

import org.jspecify.annotations.NullMarked;
