package app.bittern.server.account;

/// Said within the transaction in which what accounts may do is changed, or a session or a machine's token
/// ended: whoever goes on telling somebody something asks again whether that one may hear it.
public record RightsChanged() {}
