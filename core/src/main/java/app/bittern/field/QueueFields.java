package app.bittern.field;

import java.util.List;

/// The fields of a queue.
final class QueueFields {
    private static final Field AGENTS = Field.of("agents", "Agents", "Who takes its calls.")
            .with(
                    Field.of("extension", "Extension", "The agent's phone."),
                    Field.of("login", "Logs in", "Whether always in, or by phone with a code.")
                            .usual("always"),
                    Field.of("rank", "Rank", "1 is rung first, where the order is by rank.")
                            .usual("1")
                            .between(1, 20, "ranks"),
                    Field.of("joinsAfter", "Joins after", "How long a caller has waited before this agent is rung too.")
                            .usual("0s"));
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
                    Field.of("key", "Key", "A key that is offered from then on."),
                    Field.of("to", "Leads to", "Where the key leads."),
                    Field.of("offer", "Offers", "That callers are rung back instead of waiting."));

    static final List<Field> QUEUE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of("order", "Order", "Which free agent is rung first.").usual("longest-idle"),
            AGENTS,
            Field.of("ringEach", "Rings each for", "How long each agent's phone rings.")
                    .usual("15s"),
            Field.of("pauseBetweenRounds", "Pause between rounds", "How long nobody is rung when all have been.")
                    .usual("0s"),
            Field.of("wrapUp", "Wrap-up", "How long an agent is left alone after a call.")
                    .usual("0s"),
            Field.of("maxWait", "Longest wait", "How long callers wait before they go elsewhere.")
                    .otherwise("1h, and a finding"),
            Field.of("longestLine", "Longest line", "How many callers may wait at once.")
                    .otherwise("any number")
                    .between(1, 9999, "callers"),
            Field.of(
                            "precedence",
                            "Precedence",
                            "Whose callers come first where queues share agents; the higher the sooner.")
                    .usual("0")
                    .between(0, 100, "steps"),
            NO_AGENTS,
            Field.of("overflow", "Overflow", "Where callers go who have waited longest."),
            Field.of("full", "Full", "Where callers go who find the longest line."),
            Field.of("onJoining", "On joining", "What is said before the wait begins."),
            Field.of("hears", "Hears", "What is heard during the wait.").otherwise("the route's, else silence"),
            MEANWHILE,
            Field.of("tellAgent", "Tells the agent", "What the agent hears before the call is put through."),
            Field.of("serviceLevel", "Service level", "Which share of calls shall be answered within which time."),
            Field.of("abandonedAfter", "Abandoned after", "Who gives up sooner is not counted as abandoned."),
            Field.of(
                    "sameAgentWithin",
                    "Same agent within",
                    "For how long somebody who calls again comes to the same agent."),
            Field.of("record", "Record", "Whether calls are recorded.").otherwise("as the route says"));

    private QueueFields() {}
}
