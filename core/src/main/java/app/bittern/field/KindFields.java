package app.bittern.field;

import app.bittern.plan.Kind;
import java.util.List;

/// The fields of each kind of object, in the order in which they are written.
public final class KindFields {
    private KindFields() {}

    public static List<Field> of(Kind kind) {
        return switch (kind) {
            case SITE -> SiteFields.SITE;
            case TRUNK -> SiteFields.TRUNK;
            case NUMBER -> SiteFields.NUMBER;
            case ROUTE -> SiteFields.ROUTE;
            case HOURS -> SiteFields.HOURS;
            case SWITCH -> SiteFields.SWITCH;
            case BRANCH -> ChoiceFields.BRANCH;
            case ANNOUNCEMENT -> ChoiceFields.ANNOUNCEMENT;
            case MENU -> ChoiceFields.MENU;
            case ASK -> ChoiceFields.ASK;
            case LOOKUP -> ChoiceFields.LOOKUP;
            case RING_GROUP -> RingFields.RING_GROUP;
            case HUNT_GROUP -> RingFields.HUNT_GROUP;
            case QUEUE -> QueueFields.QUEUE;
            case EXTENSION -> RingFields.EXTENSION;
            case CHAIN -> RingFields.CHAIN;
            case MAILBOX -> MessageFields.MAILBOX;
            case PROMPT -> MessageFields.PROMPT;
            case MUSIC -> MessageFields.MUSIC;
            case CONTACT -> OutsideFields.CONTACT;
            case CLASS_OF_SERVICE -> OutsideFields.CLASS_OF_SERVICE;
            case OUTBOUND -> OutsideFields.OUTBOUND;
            case PAGE -> OutsideFields.PAGE;
            case CODE -> OutsideFields.CODE;
            case RECIPIENTS -> AlarmFields.RECIPIENTS;
            case ALARM -> AlarmFields.ALARM;
            case TRAP_TARGET -> AlarmFields.TRAP_TARGET;
            case PAUSE_REASON -> DeskFields.PAUSE_REASON;
            case CALL_RESULT -> DeskFields.CALL_RESULT;
            case AGENT_NOTE -> DeskFields.AGENT_NOTE;
            case TRAFFIC -> TestFields.TRAFFIC;
            case TEST_CALL -> TestFields.TEST_CALL;
            case PROMISE -> TestFields.PROMISE;
            case ACCEPTED -> TestFields.ACCEPTED;
        };
    }
}
