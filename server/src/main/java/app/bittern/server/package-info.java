/// The application's start and what every feature shares: security, problem details, the front end's files.
///
/// Main types: [BitternServer]. One package a feature.
@NullMarked
package app.bittern.server;

import org.jspecify.annotations.NullMarked;
