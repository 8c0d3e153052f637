/// What changes for callers between two plans, and what changed in their objects.
///
/// Main types: [Comparison], [Difference], [ObjectChanges]. Both plans are walked side by side over the same
/// classes of calls ([JointWalk] over the [JointGraph]), and what differs is shown by a call that is traced
/// in both. Decided against: comparing the plans object by object alone, because a changed object may change
/// nothing for callers, and callers may be led elsewhere by an object that is far from where they end.
@NullMarked
package app.bittern.compare;

import org.jspecify.annotations.NullMarked;
