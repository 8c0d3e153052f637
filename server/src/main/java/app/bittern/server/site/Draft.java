package app.bittern.server.site;

import app.bittern.plan.Plan;

/// A site's plan as it is being worked on.
///
/// @param version the number of its last edit
record Draft(String site, long version, Plan plan) {}
