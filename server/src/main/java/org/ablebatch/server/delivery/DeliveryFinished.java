package org.ablebatch.server.delivery;

/** Said when a delivery's files are all there. */
public record DeliveryFinished(long deliveryId) {}
