package app.bittern.field;

import java.util.List;

/// The fields of a queue.
final class QueueFields {
    private static final Field AGENTS = Field.of("agents", "Agents", "Who takes its calls.")
            .with(
                    Field.of("extension", "Extension", "The agent's phone."),
                    Field.of("outside", "Outside number", "An agent's phone elsewhere."),
                    Field.of("login", "Logs in", "Whether always in, or by phone with a code.")
                            .usual("always"),
                    Field.of("rank", "Rank", "1 is rung first, where the order is by rank.")
                            .usual("1")
                            .between(1, 20, "ranks"),
                    Field.of("joinsAfter", "Joins after", "How long a caller has waited before this agent is rung too.")
                            .usual("0s"),
                    RingFields.KEY_TO_TAKE);
    private static final Field NEEDS = Field.of("needs", "Needs", "What an agent must speak or know to be rung.")
            .with(
                    Field.of("language", "Language", "That the agent speaks the call's language."),
                    Field.of("skill", "Skill", "What the agent must know, and how well at least.")
                            .with(Field.each("Skill", "basic, sure or expert.")),
                    Field.of(
                                    "relaxAfter",
                                    "Relaxes after",
                                    "How long a caller has waited before the others are rung too.")
                            .otherwise("never"));
    private static final Field NOTICE = Field.of("notice", "Notice", "Said to everyone before all else, for a while.")
            .with(
                    Field.of("say", "Says", "What is said."),
                    Field.of("on", "On", "Whether it is said.").usual("false"),
                    Field.of("until", "Until", "The last day on which it is said.")
                            .otherwise("until it is off"));
    private static final Field CALLBACK = Field.of("callback", "Callback", "How callers are rung back who choose so.")
            .with(
                    Field.of(
                                    "number",
                                    "Number",
                                    "Which number is rung: the caller's, one that is asked for, or either.")
                            .usual("caller"),
                    Field.of("ask", "Asks", "Where the number is asked for."),
                    Field.of("tries", "Tries", "How often it is tried at most.")
                            .usual("3")
                            .between(1, 20, "tries"),
                    Field.of("every", "Every", "How long after each other.").usual("10m"),
                    Field.of("within", "Within", "Until when at the latest; what does not fit is found.")
                            .usual("4h"),
                    Field.of("while", "While", "Hours and a state in which it is offered.")
                            .otherwise("always"));
    private static final Field NO_AGENTS = Field.of("noAgents", "Nobody in", "What callers get while no agent is in.")
            .with(
                    Field.of("newCallers", "New callers", "Whether they may join.")
                            .usual("let-in"),
                    Field.of("waitingCallers", "Waiting callers", "Whether they stay or leave.")
                            .usual("keep"),
                    Field.of("to", "Leads to", "Where those go who may not join or stay."));
    private static final Field MEANWHILE = Field.of(
                    "meanwhile", "Meanwhile", "What is said and offered during the wait.")
            .with(
                    Field.of("at", "At", "When first, counted from the beginning of the wait.")
                            .otherwise("as every"),
                    Field.of("every", "Every", "How often again.").otherwise("once"),
                    Field.of("say", "Says", "A prompt, the place in the line, or the expected wait."),
                    Field.of("while", "While", "Hours and a state in which it is said and offered.")
                            .otherwise("always"),
                    Field.of("keys", "Keys", "The keys that are offered from then on.")
                            .with(Field.each("Key", "0 to 9, * or #.")
                                    .with(
                                            Field.of("to", "Leads to", "Where the key leads."),
                                            Field.of(
                                                            "keepPlace",
                                                            "Keeps the place",
                                                            "Whether the wait goes on during the menu that it leads to.")
                                                    .usual("false"),
                                            Field.of(
                                                    "offer",
                                                    "Offers",
                                                    "That callers are rung back instead of waiting."))),
                    CommonFields.enabled("Whether it is said and offered at all."));

    static final List<Field> QUEUE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of("order", "Order", "Which free agent is rung first.").usual("longest-idle"),
            AGENTS,
            Field.of(
                            "mayLogIn",
                            "May log in",
                            "Who may log in by phone: agents that are listed, phones of a class of service, or everybody; each with the PIN, where there is one.")
                    .usual("listed"),
            Field.of("pin", "PIN", "Asked for on logging in; kept as a hash."),
            NEEDS,
            Field.of(
                    "sameAgentWithin",
                    "Same agent within",
                    "For how long somebody who calls again comes to the same agent."),
            Field.of("callerId", "Shows", "The number that agents show who call out for it."),
            Field.of("ringEach", "Rings each for", "How long each agent's phone rings.")
                    .usual("15s"),
            Field.of("pauseBetweenRounds", "Pause between rounds", "How long nobody is rung when all have been.")
                    .usual("0s"),
            Field.of("wrapUp", "Wrap-up", "How long an agent is left alone after a call.")
                    .usual("0s"),
            Field.of(
                            "precedence",
                            "Precedence",
                            "Whose callers come first where queues share agents; the higher the sooner.")
                    .usual("0")
                    .between(0, 100, "steps"),
            Field.of("longestLine", "Longest line", "How many callers may wait at once.")
                    .otherwise("any number")
                    .between(1, 9999, "callers"),
            Field.of("full", "Full", "Where callers go who find the longest line."),
            NO_AGENTS,
            Field.of("attempts", "Attempts", "How many phones are rung to the end before callers go to the overflow.")
                    .otherwise("no limit")
                    .between(1, 1000, "phones"),
            Field.of("maxWait", "Longest wait", "How long callers wait before they go elsewhere.")
                    .otherwise("30m, and a finding"),
            Field.of("overflow", "Overflow", "Where callers go who have waited longest."),
            NOTICE,
            Field.of("onJoining", "On joining", "What is said before the wait begins."),
            Field.of("language", "Language", "In which callers are spoken to from joining on.")
                    .otherwise("the call's"),
            Field.of("hears", "Hears", "What is heard during the wait.").otherwise("the route's, else silence"),
            MEANWHILE,
            CALLBACK,
            Field.of("tellAgent", "Tells the agent", "What the agent hears before the call is put through.")
                    .with(Field.each("Item", "A prompt, or how long the caller has waited.")),
            Field.of("shownAs", "Shown as", "Stands before the caller's name on the phones that ring."),
            Field.of(
                    "serviceLevel",
                    "Service level",
                    "Which share of calls shall be answered within which time. Findings hold the expected calls against it."),
            Field.of(
                    "abandonedAfter",
                    "Abandoned after",
                    "Who gives up sooner is not counted as abandoned, nor in the service level."),
            Field.of("record", "Record", "Whether calls are recorded.").otherwise("as the route says"));

    private QueueFields() {}
}
