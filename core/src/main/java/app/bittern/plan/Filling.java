package app.bittern.plan;

import java.util.Optional;

/// What can stand in a slot: an object by its reference, or a destination such as `outside/+441632960100`.
public sealed interface Filling permits Ref, Destination {
    /// The object meant, where it is one.
    Optional<Ref> target();
}
