package app.bittern.finding;

import app.bittern.edit.PlanEdit;

/// A way out of a finding: `Create mailbox reception`.
///
/// @param title what it does, as an imperative sentence
/// @param edit  what it changes
public record Fix(String title, PlanEdit edit) {}
