package app.bittern.compare;

import app.bittern.call.Cause;
import app.bittern.graph.Way;
import java.util.Optional;

/// A cause and the way it takes in each plan; absent where it is not possible there.
record JointWay(Cause cause, Optional<Way> before, Optional<Way> after) {}
