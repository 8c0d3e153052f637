package app.bittern.formats;

import app.bittern.plan.Sets;

/// What a call is given where it passes by a choice or a rule.
final class SetsFormat {
    private static final String FIELD = "sets";

    private SetsFormat() {}

    static Sets read(Reading fields) {
        return fields.inner(FIELD)
                .map(inner -> {
                    Sets sets = new Sets(inner.language("language"), inner.texts("tags"));
                    inner.done();
                    return sets;
                })
                .orElse(Sets.NOTHING);
    }

    static Writing write(Writing written, Sets sets) {
        return written.fields(
                FIELD, new Writing().text("language", sets.language()).texts("tags", sets.tags()));
    }
}
