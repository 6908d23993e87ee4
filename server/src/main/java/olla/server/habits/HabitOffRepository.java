package olla.server.habits;

import java.util.List;
import olla.core.habits.Which;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** The habits that are not to be believed. */
interface HabitOffRepository extends JpaRepository<HabitOff, HabitOff.Key> {

    /** Notes that one is not; said twice it is noted once. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert ignore into habit_off (kitchen_id, about, whose) values (:kitchen, :about, :whose)")
    void note(int kitchen, String about, String whose);

    /** Forgets that. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "delete from habit_off where kitchen_id = :kitchen and about = :about and whose = :whose")
    void forget(int kitchen, String about, String whose);

    /** Those of this kitchen. */
    default List<Which> off() {
        return findAll().stream().map(HabitOff::which).toList();
    }
}
