package app.bittern.server.plan;

import java.time.Instant;

/// Something that was done to a whole site.
///
/// @param kind create, import, remove or cut-over
public record SiteEvent(String site, String account, Instant at, String kind, String says) {}
