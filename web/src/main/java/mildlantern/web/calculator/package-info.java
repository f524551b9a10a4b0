/** Calculators as pages: inputs that stand in the address, field messages, the same answers as JSON, described in the OpenAPI format. */
@NullMarked
package mildlantern.web.calculator;

import org.jspecify.annotations.NullMarked;
