package app.bittern.compare;

import app.bittern.call.Dialling;
import app.bittern.call.Origin;
import app.bittern.call.Phones;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// What phones of the site get otherwise than before when they dial something: where it leads, or how it goes out.
///
/// Looked at for each class of service and each example that either plan has of what can be dialled; what happens once
/// a phone is connected is not.
///
/// @param services the classes of service for which it is so; none stands for phones without one
/// @param phones   phones that are of another class than before, and for which it is so
/// @param dialled  the example
public record DialledOtherwise(
        List<Optional<Ref>> services, List<Ref> phones, String dialled, Does before, Does after) {
    public DialledOtherwise {
        phones = List.copyOf(phones);
        services = List.copyOf(services);
    }

    /// What becomes of something that is dialled.
    ///
    /// @param to     the object, or the inbound number; none where it means nothing
    /// @param barred whether the phone may not
    /// @param waits  whether dialling waits for a longer number
    /// @param out    how it goes out, where it does
    public record Does(Optional<Ref> to, boolean barred, boolean waits, Optional<Out> out) {}

    /// How a call goes out.
    ///
    /// @param digits   as sent
    /// @param trunks   in the order in which they are tried
    /// @param callerId what is shown by a phone without a number of its own
    public record Out(String digits, List<Ref> trunks, Optional<E164> callerId) {
        public Out {
            trunks = List.copyOf(trunks);
        }
    }

    /// All that differs, by example.
    static List<DialledOtherwise> of(Plan before, Plan after) {
        Set<String> examples = new LinkedHashSet<>(Phones.examples(before));
        examples.addAll(Phones.examples(after));
        int usual = examples.size();
        examples.addAll(changed(before, after));
        Set<Optional<Ref>> services = new LinkedHashSet<>(services(before));
        services.addAll(services(after));
        Map<List<Optional<Ref>>, List<Ref>> moved = moved(before, after);
        List<DialledOtherwise> all = new ArrayList<>();
        Set<List<Object>> told = new HashSet<>();
        for (String dialled : examples) {
            Map<List<Does>, List<Optional<Ref>>> alike = new LinkedHashMap<>();
            Map<List<Does>, List<Ref>> phones = new LinkedHashMap<>();
            for (Optional<Ref> service : services) {
                Does one = does(before, service, dialled);
                Does other = does(after, service, dialled);
                if (!one.equals(other)) {
                    alike.computeIfAbsent(List.of(one, other), sides -> new ArrayList<>())
                            .add(service);
                }
            }
            moved.forEach((service, some) -> {
                Does one = does(before, service.getFirst(), dialled);
                Does other = does(after, service.getLast(), dialled);
                if (!one.equals(other)) {
                    phones.computeIfAbsent(List.of(one, other), sides -> new ArrayList<>())
                            .addAll(some);
                }
            });
            Set<List<Does>> both = new LinkedHashSet<>(alike.keySet());
            both.addAll(phones.keySet());
            // Of what is looked at because a pattern is another, one example of each is enough.
            boolean more = usual-- <= 0;
            both.stream()
                    .map(sides -> new DialledOtherwise(
                            alike.getOrDefault(sides, List.of()),
                            phones.getOrDefault(sides, List.of()),
                            dialled,
                            sides.getFirst(),
                            sides.getLast()))
                    .filter(one -> told.add(one.told()) || !more)
                    .forEach(all::add);
        }
        return all;
    }

    /// Digits for every place of the patterns of outbound routes that are others than before.
    private static List<String> changed(Plan before, Plan after) {
        Set<Ref> routes = new LinkedHashSet<>();
        Stream.of(before, after)
                .forEach(plan -> plan.all(Outbound.class).map(Outbound::ref).forEach(routes::add));
        return routes.stream()
                .filter(ref -> !before.find(ref).equals(after.find(ref)))
                .flatMap(ref -> Stream.of(before, after).flatMap(plan -> plan.find(ref, Outbound.class).stream()))
                .flatMap(outbound -> outbound.dialled().stream())
                .distinct()
                .flatMap(pattern -> pattern.examples().stream())
                .distinct()
                .toList();
    }

    /// What of it is the same for other examples.
    private List<Object> told() {
        return List.of(services, phones, told(before), told(after));
    }

    private static List<Object> told(Does does) {
        return List.of(
                does.to().filter(ref -> ref.kind() == Kind.OUTBOUND),
                does.to().isPresent(),
                does.barred(),
                does.waits(),
                does.out().map(Out::trunks),
                does.out().flatMap(Out::callerId));
    }

    /// The phones that are of another class than before, by both.
    private static Map<List<Optional<Ref>>, List<Ref>> moved(Plan before, Plan after) {
        Map<List<Optional<Ref>>, List<Ref>> moved = new LinkedHashMap<>();
        before.all(Extension.class)
                .forEach(phone -> after.find(phone.ref(), Extension.class)
                        .map(Extension::classOfService)
                        .filter(service -> !service.equals(phone.classOfService()))
                        .ifPresent(service -> moved.computeIfAbsent(
                                        List.of(phone.classOfService(), service), both -> new ArrayList<>())
                                .add(phone.ref())));
        return moved;
    }

    /// What it leads to and goes out by, the classes of service, and the phones that are of another.
    Set<Ref> concerns() {
        Set<Ref> all = new HashSet<>(phones);
        Stream.of(before, after).forEach(does -> {
            all.addAll(does.to().stream().toList());
            does.out().ifPresent(out -> all.addAll(out.trunks()));
        });
        services.forEach(service -> all.addAll(service.stream().toList()));
        return all;
    }

    /// The classes of service that phones have.
    private static List<Optional<Ref>> services(Plan plan) {
        return plan.all(Extension.class)
                .map(Extension::classOfService)
                .distinct()
                .toList();
    }

    private static Does does(Plan plan, Optional<Ref> service, String dialled) {
        Dialling dialling = Dialling.of(plan, dialled);
        Optional<Ref> to = dialling.leads().target();
        boolean may = new Origin.Inside(service, Optional.empty()).may(plan, dialling.leads());
        Optional<Out> out = to.filter(ref -> may)
                .flatMap(ref -> plan.find(ref, Outbound.class))
                .map(outbound -> out(plan, outbound, dialled));
        return new Does(to, to.isPresent() && !may, dialling.waits(), out);
    }

    private static Out out(Plan plan, Outbound outbound, String dialled) {
        List<Ref> trunks = outbound.trunks().stream()
                .distinct()
                .filter(trunk -> plan.find(trunk).isPresent())
                .toList();
        return new Out(outbound.sent(dialled), trunks, outbound.callerId());
    }

    /// In words: `barred: outbound/uk`, `outbound/uk sends 0044… by trunk/main`.
    public static String words(Does does) {
        String where = does.to().map(Ref::toString).orElse("number unobtainable");
        String how = does.barred()
                ? "barred: " + where
                : where
                        + does.out()
                                .map(out -> " sends " + out.digits()
                                        + (out.trunks().isEmpty() ? " nowhere" : " by " + joined(out.trunks()))
                                        + out.callerId()
                                                .map(number -> ", showing " + number)
                                                .orElse(""))
                                .orElse("");
        return how + (does.waits() ? ", after 3 s" : "");
    }

    private static String joined(List<Ref> refs) {
        return String.join(", ", refs.stream().map(Ref::toString).toList());
    }

    /// The phones that it is so for, as a sentence begins.
    public Stream<String> whose(Plan after, Plan before) {
        Stream<String> some = services.stream()
                .map(service -> service.map(
                                ref -> "of " + (after.find(ref).isPresent() ? after.title(ref) : before.title(ref)))
                        .orElse("without a class of service"));
        return Stream.concat(some, phones.stream().map(Ref::key));
    }
}
