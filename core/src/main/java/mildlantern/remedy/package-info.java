/**
 * What growers have at hand in kitchen and shed: what each does, what it does not, and whether to use it.
 * From the knowledge base.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.remedy;
