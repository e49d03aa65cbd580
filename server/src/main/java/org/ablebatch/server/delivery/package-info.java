/**
 * Runs of specs over passed pictures: plan, files, manifest, package. Start from {@link
 * org.ablebatch.server.delivery.DeliveryService}.
 */
package org.ablebatch.server.delivery;
