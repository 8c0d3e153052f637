package app.bittern.call;

import app.bittern.plan.Ref;
import java.util.Optional;

/// A phone of the site that dials, before it is connected.
///
/// @param dialling what its digits mean
/// @param route    that takes the call, where the digits are an inbound number; then none where no route does
public record Dials(Dialling dialling, Optional<Ref> route) {}
