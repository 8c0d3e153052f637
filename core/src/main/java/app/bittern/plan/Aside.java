package app.bittern.plan;

/// An object that no call comes to: it is asked, said, listened to or only told.
public sealed interface Aside extends PlanObject
        permits Site,
                Trunk,
                InboundNumber,
                Hours,
                Prompt,
                Music,
                Contact,
                Lookup,
                ClassOfService,
                Recipients,
                Alarm,
                TrapTarget,
                PauseReason,
                CallResult,
                AgentNote,
                Traffic,
                TestCall,
                Promise,
                Accepted {}
