/// Measures what Bittern claims about large plans; one class a claim.
///
/// Main types: [BigPlans], which makes the plans, and a JMH benchmark for each claim. Decided against: limits of time
/// in tests, which fail on a busy machine and pass on a quick one.
@NullMarked
package app.bittern.benchmarks;

import org.jspecify.annotations.NullMarked;
