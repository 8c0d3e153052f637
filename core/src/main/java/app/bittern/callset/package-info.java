/// Sets of calls: by who calls, when, and with which switches turned where.
///
/// Main types: [CallSet], a value that is combined and compared; [CallClasses], the classes into which a plan's
/// conditions divide all calls, with the set of each condition; [CallWords], a set in words. Decided against: sets as
/// numbers, which any other number could be mistaken for, and sets as conditions, which cannot be compared.
@NullMarked
package app.bittern.callset;

import org.jspecify.annotations.NullMarked;
