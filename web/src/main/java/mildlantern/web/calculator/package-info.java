/**
 * Calculators as pages: inputs that stand in the address, messages at the field, the same answers as JSON with an OpenAPI description.
 *
 * <p>From lists of calculators that other rooms bring.
 *
 * <p>It must not know what is calculated.
 */
@NullMarked
package mildlantern.web.calculator;

import org.jspecify.annotations.NullMarked;
