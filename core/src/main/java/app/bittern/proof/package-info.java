/// Test calls: benches as people write them, and what became of them.
///
/// [app.bittern.proof.BenchText] is a bench as text, on the command line as in a plan file;
/// [app.bittern.proof.Proof] is a test call that has been made.
@NullMarked
package app.bittern.proof;

import org.jspecify.annotations.NullMarked;
