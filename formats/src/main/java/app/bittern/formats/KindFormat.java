package app.bittern.formats;

import app.bittern.plan.PlanObject;
import java.util.Optional;

/// How one kind of object is read and written; the key stands outside.
///
/// A reader gives an object even where fields are refused, with what is usual in their place, so that all
/// problems are found in one go; nothing is done with it then.
interface KindFormat<T extends PlanObject> {
    Optional<T> read(String key, Reading fields);

    Writing write(T object);
}
