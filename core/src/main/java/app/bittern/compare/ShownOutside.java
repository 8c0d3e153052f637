package app.bittern.compare;

import app.bittern.call.Phones;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Phones of both plans that show another number than before when they call out.
///
/// @param before their own or their queue's; the outbound route's is shown where absent
public record ShownOutside(List<Ref> phones, Optional<E164> before, Optional<E164> after) {
    public ShownOutside {
        phones = List.copyOf(phones);
    }

    /// All of them, those that change alike together.
    static List<ShownOutside> of(Plan before, Plan after) {
        Map<List<Optional<E164>>, List<Ref>> alike = new LinkedHashMap<>();
        before.all(Extension.class)
                .forEach(phone -> after.find(phone.ref(), Extension.class)
                        .ifPresent(same -> alike.computeIfAbsent(
                                        List.of(Phones.shows(before, phone), Phones.shows(after, same)),
                                        shown -> new ArrayList<>())
                                .add(phone.ref())));
        return alike.entrySet().stream()
                .filter(one -> !one.getKey().getFirst().equals(one.getKey().getLast()))
                .map(one -> new ShownOutside(
                        one.getValue(), one.getKey().getFirst(), one.getKey().getLast()))
                .toList();
    }

    /// The phones, and the queues whose number they may show.
    Set<Ref> concerns(Plan plan) {
        Set<Ref> all = new HashSet<>(phones);
        plan.all(Queue.class)
                .filter(queue -> queue.agents().stream()
                        .anyMatch(agent -> agent.party() instanceof Party.Inside(Ref phone) && phones.contains(phone)))
                .forEach(queue -> all.add(queue.ref()));
        return all;
    }

    /// One of the two numbers in words.
    public static String words(Optional<E164> number) {
        return number.map(E164::toString).orElse("the number of the outbound route");
    }
}
