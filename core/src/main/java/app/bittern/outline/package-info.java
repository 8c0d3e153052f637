/// The whole call from one inbound number as an indented list of sentences.
///
/// Main types: [Outline], [Row], [Part], [Sentences]. Rows follow the transition function, so whatever a call
/// can do has a row. The sentences are made here and not on the screen, so that screen, print and command line say the
/// same; the parts that can be changed name the field they change. Decided against: a row for each state, because
/// a menu entered in another language would be drawn twice.
@NullMarked
package app.bittern.outline;

import org.jspecify.annotations.NullMarked;
