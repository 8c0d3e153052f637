package app.bittern.server.plan;

import java.time.Instant;

/// What is known of a release without its plan.
///
/// @param version of the draft that it was
/// @param account who cut it over
/// @param digest  SHA-256 of its plan file, in hexadecimal
public record Release(int number, long version, String account, Instant at, String digest) {}
