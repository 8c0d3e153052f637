package app.bittern.call;

import app.bittern.plan.Ref;

/// A caller at an object, with what is carried.
public record State(Ref at, Context context) {}
