package olla.server.ovens;

import olla.server.web.MaybeAbsent;

/**
 * What people say of an oven.
 *
 * @param device the thermometer's name as it pushes its readings; missing where none hangs there
 * @param fallsCPerHour what it loses in the first hour from 250 °C, 0 where its fire is kept up, to 150 °C; missing for
 *     as its kind usually does
 */
record OvenWords(@MaybeAbsent String device, @MaybeAbsent Double fallsCPerHour) {}
