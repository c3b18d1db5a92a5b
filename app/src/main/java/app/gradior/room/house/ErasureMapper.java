package app.gradior.room.house;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Update;

/** Takes a kitchen out of every table there is. LeavingTest compares them with what the database has. */
@Mapper
interface ErasureMapper {
    @Delete("delete l from sauce_line l join sauce s on s.id = l.sauce_id where s.kitchen_id = #{kitchenId}")
    void sauceLine(long kitchenId);

    @Delete("delete v from sauce_version v join sauce s on s.id = v.sauce_id where s.kitchen_id = #{kitchenId}")
    void sauceVersion(long kitchenId);

    @Delete("delete from lesson_hand where kitchen_id = #{kitchenId}")
    void lessonHand(long kitchenId);

    @Delete("delete from lesson where kitchen_id = #{kitchenId}")
    void lesson(long kitchenId);

    @Delete("delete from container where kitchen_id = #{kitchenId}")
    void container(long kitchenId);

    @Delete("delete from photo where kitchen_id = #{kitchenId}")
    void photo(long kitchenId);

    @Delete("delete from alarm_heard where kitchen_id = #{kitchenId}")
    void alarmHeard(long kitchenId);

    @Delete("delete from practice_judgement where kitchen_id = #{kitchenId}")
    void practiceJudgement(long kitchenId);

    @Delete("delete from practice_run where kitchen_id = #{kitchenId}")
    void practiceRun(long kitchenId);

    @Delete("delete from practice_consent where kitchen_id = #{kitchenId}")
    void practiceConsent(long kitchenId);

    /** What somebody practised goes with them, wherever they cooked. */
    @Delete("delete from practice_judgement where account_id = #{account}")
    void eyeOf(long account);

    @Delete("delete from practice_run where account_id = #{account}")
    void practisedBy(long account);

    @Delete("delete from practice_consent where account_id = #{account}")
    void consentOf(long account);

    @Delete("delete from batch_event where kitchen_id = #{kitchenId}")
    void batchEvent(long kitchenId);

    @Delete("delete from batch_past where kitchen_id = #{kitchenId}")
    void batchPast(long kitchenId);

    @Delete("delete from recorder where kitchen_id = #{kitchenId}")
    void recorder(long kitchenId);

    @Delete("delete from batch_plan where kitchen_id = #{kitchenId}")
    void batchPlan(long kitchenId);

    @Delete("delete from plan where kitchen_id = #{kitchenId}")
    void plan(long kitchenId);

    @Delete("delete from batch where kitchen_id = #{kitchenId}")
    void batch(long kitchenId);

    @Delete("delete from water_test where kitchen_id = #{kitchenId}")
    void waterTest(long kitchenId);

    @Delete("delete from jar where kitchen_id = #{kitchenId}")
    void jar(long kitchenId);

    @Delete("delete from sauce where kitchen_id = #{kitchenId}")
    void sauce(long kitchenId);

    @Delete("delete from pot where kitchen_id = #{kitchenId}")
    void pot(long kitchenId);

    @Delete("delete from burner where kitchen_id = #{kitchenId}")
    void burner(long kitchenId);

    @Delete("delete from kitchen_food where kitchen_id = #{kitchenId}")
    void kitchenFood(long kitchenId);

    @Delete("delete from kitchen_name where kitchen_id = #{kitchenId}")
    void kitchenName(long kitchenId);

    @Delete("delete from kitchen_measure where kitchen_id = #{kitchenId}")
    void kitchenMeasure(long kitchenId);

    @Delete("delete from kitchen_in_house where kitchen_id = #{kitchenId}")
    void kitchenInHouse(long kitchenId);

    @Delete("delete from food_snapshot where kitchen_id = #{kitchenId}")
    void foodSnapshot(long kitchenId);

    @Delete("delete from form_once where kitchen_id = #{kitchenId}")
    void formOnce(long kitchenId);

    @Delete("delete from api_token where kitchen_id = #{kitchenId}")
    void apiToken(long kitchenId);

    @Delete("delete from outbox where kitchen_id = #{kitchenId}")
    void outbox(long kitchenId);

    @Delete("delete from audit where kitchen_id = #{kitchenId}")
    void audit(long kitchenId);

    /** What is noted of somebody stays, and names nobody any more. */
    @Update("""
            update audit set who = if(who = #{login}, '', who), about = if(instr(about, #{login}) > 0, '', about)
            where who = #{login} or instr(about, #{login}) > 0
            """)
    void auditOfNobody(String login);

    @Delete("delete from invitation where kitchen_id = #{kitchenId}")
    void invitation(long kitchenId);

    @Delete("delete from stove_device where kitchen_id = #{kitchenId}")
    void stoveDevice(long kitchenId);

    @Delete("delete from member where kitchen_id = #{kitchenId}")
    void member(long kitchenId);

    /** Whoever was there last is in another of their kitchens from now on, or in none. */
    @Update("""
            update account a set kitchen_id = (select min(m.kitchen_id) from member m where m.account_id = a.id)
            where kitchen_id = #{kitchenId}
            """)
    void account(long kitchenId);

    @Delete("delete from kitchen where id = #{kitchenId}")
    void kitchen(long kitchenId);

    /** What an account recorded anywhere names nobody any more. */
    @Update("update recorder set name = '' where kind = #{kind} and of_id = #{account}")
    void nameless(@Param("kind") String kind, @Param("account") long account);

    @Update("update alarm_heard set by_name = '' where by_name = #{login}")
    void heardByNobody(String login);

    @Delete("delete from invitation where made_by = #{login}")
    void uninvited(String login);
}
