/// Answers of the engine as JSON and SARIF: traces, paths, findings, comparisons, week maps, test calls.
///
/// One class an answer, the same on the command line and from the server.
@NullMarked
package app.bittern.formats.answer;

import org.jspecify.annotations.NullMarked;
