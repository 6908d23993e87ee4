package olla.server.kitchen;

import java.util.List;

/** What the kitchen has for itself, each list by name. */
record KitchenView(List<OwnFishView> fish, List<VesselView> vessels) {}
