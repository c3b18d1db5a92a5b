/**
 * A simulated kitchen scale under a pot, and a probe in it: a program apart that cooks a hidden pot by the model and speaks only
 * the API, as any real scale would. What makes a scale a nuisance is there too: noise, drift, a pot that is lifted, a hand on its
 * handle, messages that get lost or arrive twice.
 */
@NullMarked
package app.gradior.devices;

import org.jspecify.annotations.NullMarked;
