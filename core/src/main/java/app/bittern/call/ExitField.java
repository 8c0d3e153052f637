package app.bittern.call;

import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Page;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Route;
import app.bittern.plan.Split;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which field of an object decides where an outcome leads, such as `keys/3/to` for key 3 of a menu.
public final class ExitField {
    private ExitField() {}

    /// The field that decides on the outcome of a cause; none where nothing can be given.
    public static Optional<String> of(PlanObject object, Cause cause) {
        return switch (object) {
            case Route route -> cause instanceof Cause.Passed ? Optional.of("to") : Optional.empty();
            case Announcement announcement -> Optional.of("to");
            case Split split ->
                cause instanceof Cause.Case(String state)
                        ? Optional.of(
                                split.cases().containsKey(state)
                                                || split.otherwise().isEmpty()
                                        ? "cases/" + state
                                        : "else")
                        : Optional.empty();
            case Menu menu -> ofMenu(cause);
            case Group group -> ofGroup(group, cause);
            case Extension extension -> ofExtension(extension, cause);
            case Mailbox mailbox -> cause instanceof Cause.Operator ? Optional.of("operator") : Optional.empty();
            case Ask ask -> Optional.of(cause instanceof Cause.Digits ? "to" : "giveUp");
            case Queue queue -> ofQueue(queue, cause);
            case Chain chain -> cause instanceof Cause.Answered ? Optional.empty() : Optional.of("then");
            case Aside o -> Optional.empty();
            case Page o -> Optional.empty();
        };
    }

    /// Every field of an object that holds a destination.
    public static List<String> all(PlanObject object) {
        return switch (object) {
            case Route route -> List.of("to");
            case Announcement announcement -> List.of("to");
            case Split split -> {
                List<String> fields = new ArrayList<>(split.cases().keySet().stream()
                        .map(state -> "cases/" + state)
                        .toList());
                fields.add("else");
                yield fields;
            }
            case Menu menu -> {
                List<String> fields = new ArrayList<>(menu.keys().keySet().stream()
                        .map(key -> "keys/" + key + "/to")
                        .toList());
                fields.add("giveUp");
                yield fields;
            }
            case Group group -> List.of("noAnswer", "busy", "unreachable");
            case Extension extension ->
                List.of("forward/always", "forward/noAnswer", "forward/busy", "forward/unreachable", "mailbox");
            case Mailbox mailbox -> List.of("operator");
            case Ask ask -> List.of("to", "giveUp");
            case Queue queue -> {
                List<String> fields = new ArrayList<>(List.of("full", "noAgents/to", "overflow"));
                for (int index = 0; index < queue.during().size(); index++) {
                    fields.add("during/" + index + "/to");
                }
                yield fields;
            }
            case Chain chain -> List.of("then");
            case Aside o -> List.of();
            case Page o -> List.of();
        };
    }

    private static Optional<String> ofMenu(Cause cause) {
        return switch (cause) {
            case Cause.Key(String pressed) -> Optional.of("keys/" + pressed + "/to");
            case Cause.NoValidKey none -> Optional.of("giveUp");
            default -> Optional.empty();
        };
    }

    private static Optional<String> ofGroup(Group group, Cause cause) {
        String busy = group.busy().isPresent() ? "busy" : "noAnswer";
        return switch (cause) {
            case Cause.NoAnswer none -> Optional.of("noAnswer");
            case Cause.Busy none -> Optional.of(busy);
            case Cause.Unreachable none -> Optional.of(group.unreachable().isPresent() ? "unreachable" : busy);
            default -> Optional.empty();
        };
    }

    private static Optional<String> ofQueue(Queue queue, Cause cause) {
        return switch (cause) {
            case Cause.Full full -> Optional.of("full");
            case Cause.NoAgents none -> Optional.of("noAgents/to");
            case Cause.AgentsGone gone -> Optional.of("noAgents/to");
            case Cause.Overflow overflow -> Optional.of("overflow");
            case Cause.Key(String pressed) ->
                QueueBehaviour.inOrder(queue).stream()
                        .filter(item -> item.key().equals(Optional.of(pressed)))
                        .findFirst()
                        .map(item -> "during/" + queue.during().indexOf(item) + "/to");
            default -> Optional.empty();
        };
    }

    private static Optional<String> ofExtension(Extension extension, Cause cause) {
        Extension.Forward forward = extension.forward();
        return switch (cause) {
            case Cause.Forwarded always -> Optional.of("forward/always");
            case Cause.NoAnswer none -> Optional.of(own(forward.noAnswer().isPresent(), "forward/noAnswer", extension));
            case Cause.Busy none -> Optional.of(own(forward.busy().isPresent(), "forward/busy", extension));
            case Cause.Unreachable none ->
                Optional.of(own(forward.unreachable().isPresent(), "forward/unreachable", extension));
            default -> Optional.empty();
        };
    }

    private static String own(boolean given, String field, Extension extension) {
        return given || extension.mailbox().isEmpty() ? field : "mailbox";
    }

    /// The destination that a field holds, as the plan file writes it; empty where nothing is given.
    public static String value(PlanObject object, String field) {
        Optional<Destination> destination = switch (object) {
            case Route route -> route.to();
            case Announcement announcement -> announcement.to();
            case Split split ->
                field.equals("else")
                        ? split.otherwise()
                        : Optional.ofNullable(split.cases().get(field.substring("cases/".length())));
            case Menu menu ->
                field.equals("giveUp")
                        ? menu.giveUp()
                        : Optional.ofNullable(menu.keys()
                                        .get(field.substring("keys/".length(), field.length() - "/to".length())))
                                .flatMap(Menu.OnKey::to);
            case Group group ->
                switch (field) {
                    case "busy" -> group.busy();
                    case "unreachable" -> group.unreachable();
                    default -> group.noAnswer();
                };
            case Extension extension ->
                switch (field) {
                    case "forward/always" -> extension.forward().always();
                    case "forward/busy" -> extension.forward().busy();
                    case "forward/unreachable" -> extension.forward().unreachable();
                    case "forward/noAnswer" -> extension.forward().noAnswer();
                    default -> extension.mailbox().map(Destination.To::new);
                };
            case Mailbox mailbox -> mailbox.operator();
            case Ask ask -> field.equals("to") ? ask.to() : ask.giveUp();
            case Queue queue ->
                switch (field) {
                    case "full" -> queue.full();
                    case "overflow" -> queue.overflow();
                    case "noAgents/to" -> queue.noAgents().to();
                    default ->
                        queue.during()
                                .get(Integer.parseInt(field.split("/", -1)[1]))
                                .to();
                };
            case Chain chain -> chain.then();
            case Aside o -> Optional.empty();
            case Page o -> Optional.empty();
        };
        return destination.map(Destination::toString).orElse("");
    }
}
