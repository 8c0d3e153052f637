/// Queues as their screen draws them: the score of a wait, how many agents the expected calls need, whom agents serve.
///
/// Main types: [QueueApi], [Score]. What is drawn is what the engine does with a call that dials the queue.
@NullMarked
package app.bittern.server.queue;

import org.jspecify.annotations.NullMarked;
