package app.bittern.formats;

import app.bittern.hours.WeekRange;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// Expected calls.
final class TrafficFormat implements KindFormat<Traffic> {
    private static final String ELSE = "else";
    private static final String ALLOWED_RATE = "calls an hour, 0 to 100000";

    @Override
    public Optional<Traffic> read(String key, Reading fields) {
        Optional<String> note = fields.text("note");
        Map<Ref, Traffic.Rates> numbers = new LinkedHashMap<>();
        fields.map("numbers", (number, entry) -> {
            if (!Ref.sound(Kind.NUMBER, number)) {
                entry.keyRefused(number, Ref.allowedKey(Kind.NUMBER));
                return Optional.empty();
            }
            Reading inner = entry.fields();
            inner.inner("perHour").ifPresent(rates -> numbers.put(new Ref(Kind.NUMBER, number), rates(rates)));
            inner.done();
            return Optional.of(number);
        });
        Map<Ref, Map<String, Traffic.Share>> choices = new LinkedHashMap<>();
        fields.map("choices", (text, entry) -> {
            Optional<Ref> menu = Ref.parse(text).filter(ref -> ref.kind() == Kind.MENU);
            if (menu.isEmpty()) {
                entry.keyRefused(text, "a menu such as menu/front-desk");
                return Optional.empty();
            }
            Reading inner = entry.fields();
            choices.put(menu.get(), shares(inner));
            return menu;
        });
        Map<Ref, Seconds> talk = new LinkedHashMap<>();
        Optional<Reading> lengths = fields.inner("talk");
        Optional<Seconds> talkElse = lengths.flatMap(inner -> inner.duration(ELSE));
        lengths.ifPresent(inner -> inner.each(
                        entry -> entry.equals(ELSE) ? Optional.empty() : Ref.parse(entry),
                        "a reference such as queue/bookings, or else")
                .forEach((name, ref) -> inner.duration(name).ifPresent(length -> talk.put(ref, length))));
        Optional<Seconds> patience = fields.inner("patience").flatMap(inner -> {
            Optional<Seconds> mean = inner.duration("mean");
            inner.done();
            return mean;
        });
        return Optional.of(new Traffic(note, numbers, choices, talk, talkElse, patience));
    }

    private static Traffic.Rates rates(Reading fields) {
        BigDecimal otherwise = fields.decimal(ELSE, ALLOWED_RATE, BigDecimal.ZERO, BigDecimal.valueOf(100_000))
                .orElse(BigDecimal.ZERO);
        Map<WeekRange, BigDecimal> during = new LinkedHashMap<>();
        fields.each(
                        name -> name.equals(ELSE) ? Optional.empty() : WeekRange.parse(name),
                        WeekRange.ALLOWED + ", or else")
                .forEach((name, range) -> fields.decimal(
                                name, ALLOWED_RATE, BigDecimal.ZERO, BigDecimal.valueOf(100_000))
                        .ifPresent(rate -> during.put(range, rate)));
        return new Traffic.Rates(during, otherwise);
    }

    private static Map<String, Traffic.Share> shares(Reading fields) {
        Map<String, Traffic.Share> shares = new LinkedHashMap<>();
        fields.each(
                        name -> Menu.isKey(name) || name.equals("none") ? Optional.of(name) : Optional.empty(),
                        Menu.ALLOWED_KEY + ", or none")
                .forEach((name, key) -> fields.read(name, "a share in per cent such as 55%", Traffic.Share::parse)
                        .ifPresent(share -> shares.put(key, share)));
        return shares;
    }

    @Override
    public Writing write(Traffic traffic) {
        Writing numbers = new Writing();
        traffic.numbers().forEach((number, rates) -> {
            Writing perHour = new Writing();
            rates.during().forEach((range, rate) -> perHour.decimal(range.toString(), rate));
            numbers.fields(number.key(), new Writing().fields("perHour", perHour.decimal(ELSE, rates.otherwise())));
        });
        Writing choices = new Writing();
        traffic.choices().forEach((menu, shares) -> {
            Writing keys = new Writing();
            shares.forEach(keys::text);
            choices.fields(menu.toString(), keys);
        });
        Writing talk = new Writing();
        traffic.talk().forEach((ref, length) -> talk.text(ref.toString(), length));
        talk.text(ELSE, traffic.talkElse());
        return new Writing()
                .text("note", traffic.note())
                .fields("numbers", numbers)
                .fields("choices", choices)
                .fields("talk", talk)
                .fields("patience", new Writing().text("mean", traffic.patience()));
    }
}
