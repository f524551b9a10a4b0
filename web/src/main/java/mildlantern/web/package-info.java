/** The application: talks to people and to the database, and asks the core. */
@NullMarked
package mildlantern.web;

import org.jspecify.annotations.NullMarked;
