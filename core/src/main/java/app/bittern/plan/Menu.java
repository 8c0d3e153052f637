package app.bittern.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Says a prompt and waits for a key (auto attendant).
///
/// @param bargeIn whether a key counts while the prompt is being said
/// @param keyWait       how long a key is waited for after the prompt
/// @param tries         how often it asks, 1 to 10
/// @param noKey         after a try without a key
/// @param wrongKey      after a try with a key that is not in use
/// @param giveUp        where the call goes after the last failed try
/// @param dialledAhead whether keys count that were pressed before it was come to
/// @param dialExtensions which extensions may be dialled
/// @param interDigit    how long each further digit of an extension is waited for
/// @param keys          what each key does, in order
public record Menu(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Spoken> prompts,
        boolean bargeIn,
        boolean dialledAhead,
        Seconds keyWait,
        int tries,
        FailedTry noKey,
        FailedTry wrongKey,
        Optional<Destination> giveUp,
        DialExtensions dialExtensions,
        Seconds interDigit,
        Map<String, OnKey> keys)
        implements PlanObject {
    /// What is allowed as a key, as a refusal says it.
    public static final String ALLOWED_KEY = "one of 0 to 9, * and #";

    /// What one key does.
    ///
    /// @param sets what the call is given before it goes on
    /// @param say  a prompt said before the call goes on
    public record OnKey(Optional<String> label, Optional<Destination> to, Sets sets, Optional<Spoken> say) {
        OnKey over(Places places) {
            return new OnKey(label, places.needsInMenu("to", to), sets, places.spoken("say", say));
        }
    }

    public Menu {
        prompts = List.copyOf(prompts);
        keys = Collections.unmodifiableMap(new LinkedHashMap<>(keys));
        if (tries < 1 || tries > 10) {
            throw new IllegalArgumentException(tries + " tries: 1 to 10 are allowed");
        }
        for (String pressed : keys.keySet()) {
            if (!isKey(pressed)) {
                throw new IllegalArgumentException("'" + pressed + "' is not a key: " + ALLOWED_KEY);
            }
        }
    }

    /// Whether a text is one DTMF key.
    public static boolean isKey(String text) {
        return text.length() == 1 && "0123456789*#".contains(text);
    }

    /// Where a last try without a key leads.
    public Optional<Destination> onNoKey() {
        return noKey.to().or(() -> giveUp);
    }

    /// Where a last try with a wrong one leads.
    public Optional<Destination> onWrongKey() {
        return wrongKey.to().or(() -> giveUp);
    }

    /// Whether both lead to the same.
    public boolean failsAlike() {
        return onNoKey().equals(onWrongKey());
    }

    @Override
    public List<Spoken> spoken() {
        List<Spoken> all = new ArrayList<>(prompts);
        noKey.prompt().ifPresent(all::add);
        wrongKey.prompt().ifPresent(all::add);
        keys.values().forEach(does -> does.say().ifPresent(all::add));
        return all;
    }

    @Override
    public List<Sets> gives() {
        return keys.values().stream().map(OnKey::sets).toList();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.MENU, key);
    }

    @Override
    public Menu over(Places places) {
        return new Menu(
                places.key(key),
                name,
                note,
                number,
                places.spoken("prompts", prompts),
                bargeIn,
                dialledAhead,
                keyWait,
                tries,
                noKey.over(places.in("noKey"), Takes.DESTINATION_IN_MENU),
                wrongKey.over(places.in("wrongKey"), Takes.DESTINATION_IN_MENU),
                onNoKey().isPresent() && onWrongKey().isPresent()
                        ? places.may("giveUp", giveUp, Takes.DESTINATION_IN_MENU)
                        : places.needsInMenu("giveUp", giveUp),
                dialExtensions,
                interDigit,
                places.entries("keys", keys, (all, pressed, does) -> Optional.of(does.over(all.in(pressed)))));
    }
}
