package app.bittern.formats;

import app.bittern.plan.HuntGroup;
import app.bittern.plan.Order;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Hunt groups.
final class HuntGroupFormat implements KindFormat<HuntGroup> {
    private static final List<Order> ORDERS =
            List.of(Order.FIXED, Order.ROTATING, Order.LONGEST_IDLE, Order.FEWEST_CALLS, Order.RANDOM);

    /// The order that a word stands for, out of some.
    static Optional<Order> order(Reading fields, List<Order> orders) {
        return fields.oneOf("order", orders.stream().map(Order::word).toList())
                .flatMap(word -> Stream.of(Order.values())
                        .filter(order -> order.word().equals(word))
                        .findFirst());
    }

    @Override
    public Optional<HuntGroup> read(String key, Reading fields) {
        return Optional.of(new HuntGroup(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.text("shownAs"),
                order(fields, ORDERS).orElse(Order.FIXED),
                fields.usualDuration("ringEach"),
                fields.usualInteger("laps"),
                fields.list("members", RingGroupFormat::member),
                fields.usualFlag("followForwarding"),
                RingGroupFormat.hears(fields),
                fields.destination("noAnswer"),
                fields.destination("busy"),
                fields.destination("unreachable")));
    }

    @Override
    public Writing write(HuntGroup group) {
        return new Writing()
                .text("name", group.name())
                .text("note", group.note())
                .text("number", group.number())
                .text("shownAs", group.shownAs())
                .text("order", group.order().word())
                .text("ringEach", group.ringEach())
                .integer("laps", group.laps())
                .items(
                        "members",
                        group.members().stream().map(RingGroupFormat::member).toList())
                .flag("followForwarding", group.followForwarding(), false)
                .text("hears", group.hears())
                .text("noAnswer", group.noAnswer())
                .text("busy", group.busy())
                .text("unreachable", group.unreachable());
    }
}
