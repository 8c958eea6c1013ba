package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Unread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How the canning is told: time, pressure, altitude, headspace, jars, method; one sentence a row, and what it says. */
class ProcessFactsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Process pints 25 minutes in a boiling water canner. | 25
            Process for twenty-five minutes in the water bath. | 25
            25 min bwb | 25
            BWB 25 min. | 25
            Quarts, 1 inch, vented 10 min, 90 minutes at 11 lb. | 90
            Quarts. 10 lb weighted, vented 10, 90 minutes. | 90
            Quarts. Weighted gauge. Vent ten minutes. Then 90 minutes. | 90
            Vented ten minutes, 75 minutes with the ten pound weight. | 75
            Let it steam ten minutes, put the weight on and process 75 minutes. | 75
            Boil the pears 5 minutes. Fill hot quarts. Process 25 minutes in boiling water. | 25
            Dip in boiling water about a minute till the skins split. Hot pints, 35 minutes in the canner. | 35
            Simmer 20 minutes, ladle into pints, process 15 minutes in a water bath. | 15
            Hot pints. Water bath an hour and a half. | 90
            Process half an hour in the boiling water canner. | 30
            Process 1 hr 15 min at 10 pounds pressure. | 75
            Pints: 55 min; quarts: 85 min, at 11 lb dial gauge | 55 85
            Turn off the heat, wait 5 minutes, lift out. Process 20 minutes in the canner. | 20
            Sterilize the jars 10 minutes. Fill, and process 5 minutes in a boiling water canner. | 5
            Process 20 minutes in the canner. They cooled on a towel for 24 hours. | 20
            The pressure came down in about 40 minutes. Processed 75 minutes at 10 lb. | 75
            Cooked the beans 30 minutes, drained, packed hot. Pressure canned 75 minutes. | 75
            Into the canner, water over the jars. When it boils, start the clock: 25 min. | 25
            My canner is weighted. Twenty-five minutes from when it started jiggling. | 25
            Hot pints. Boiling water for 30 minutes. | 30
            Hot quarts. BWB 25 min. off heat, lid off, 5 min rest. | 25
            Hot quarts, 12 lb, 75 min, elevation 2,050, 10 min vented. | 75
            Half-pints 15 min, boiling water. | 15
            Melon in pints; liquid boiled 5 more minutes and poured over. 15 min. BWB. | 15
            Okra, quarts, 11# dial, vent 10, time 40, elev 1180 | 40
            Quarts. Vented 10. He brings it to 11 pounds on the dial and keeps it there for 75 minutes. | 75
            Hot quarts: 30 + 10 = 40 minutes boiling water. | 40
            Hot pints. 25 minutes b/c we are at 2,150 ft. Boiling water bath canner. | 25
            Pints 20 min, quarts 25, in the water bath. | 20 25
            Pack hot in quarts with the juice and boil the jars 20 minutes. | 20
            It took fifteen minutes to come up to pressure. Processed 75 minutes at 10 lb. | 75
            Process 75 minutes at 10 lb. I always do five minutes more. | 75
            Process 25 minutes in the canner. I let them sit in the canner five minutes. | 25
            Weighted, 10 lb x 25 min per load. | 25
            Steamed the canner out 10 min. 55 min with the 10 lb weight. | 55
            Qts & pts both 25 min per the table. | 25
            Back home we did them 20 minutes. Here I always do 35. | 35
            Vented 10. 11 pounds. 30 min quarts. | 30
            Hot pints. Wipe, lids. B.W. 15 min (we are at 710 ft). | 15
            Hot pints. BWB fifteen. | 15
            Dial. Vented 10, bring to 12 lb (we are at 2,900 ft) and 75 minutes for the pints. | 75
            Ladle hot into pints. Wipe, lid. Boil 15 min. | 15
            Boil the florets 3 min in salted water (4 tsp canning salt). Fill hot pints. BWB 10 min. | 10
            Hot pints, 30 minutes at 11 lb. I put the weight on at once, it saves ten minutes. | 30
            Weighted canner, 10 lb. Hot pints. Did 15 minutes because they go soft. | 15
            Then I kept it at eleven pounds (dial) for fifty-five minutes. | 55
            Weighted gauge. Thirty minutes after ten minutes venting. | 30
            Packed the jars and boiled 25 minutes with two inches of water over the lids. | 25
            Simmered 5 minutes in boiling water. We filled quarts. Then 30 minutes at 15 pounds with the rocker. | 30
            Hot quarts, lids on. I started timing when the water was at a full boil and gave them 30 minutes. | 30
            Hot quarts. Vented it 10 minutes, 15 lb weight, and processed 40. | 40
            For our 4-H club. Hot pints, 20 minutes in the canner. | 20
            Weighted. Twenty-five minutes after the weight began to rock. | 25
            Hot pints. 20 minutes after the water came back to a boil in the canner. | 20
            Hot quarts. Vented it ten minutes, brought it up to 11 pounds, and did 35 minutes. | 35
            Hot quarts. Vented 10 min 11# dial 25 min. | 25
            Hot quarts. 90 min quarts, 11 lb dial, vent 10. | 90
            Dial 11 lb 40 minutes. I did vent it, ten minutes by the clock on the stove. | 40
            Hot pints, 75 minutes at 12 pounds dial. I opened it when the gauge said zero plus ten minutes. | 75
            Steam came out and I timed ten minutes and put on the weight. Process 20 minutes at 11 pounds. | 20
            Quarts. Ten pounds on the weight, thirty minutes after ten minutes of steam. | 30
            Hot pints, in the boiling water canner. She does fifteen minutes, so fifteen it was. | 15
            Raw in quarts, ten minutes with the steam rolling out, then the ten-pound on, and ninety minutes from when it first rocked. | 90
            Hot pints, salt, and then three hours in the wash boiler. | 180
            Into boiling water two, three minutes, then loosely in the pints. Vented. Then it was eleven pounds and thirty minutes. | 30
            made a syrup (1 qt water), boiled the pears in it 5 min. hot pints, syrup, wiped the rims. waterbath 20 min. | 20
            Simmer 20 minutes after it comes to a boil. Fill hot pints. 25 minutes in the canner. | 25
            They go 40 minutes in quarts, boiling water. | 40
            Raw, boiling water canner. Quarts get 25 minutes. | 25
            Coming to a boil takes 20 minutes for quarts. Then 45 minutes in the canner. | 45
            """)
    void minutesOfTheProcess(String text, String minutes) {
        assertThat(Read.facts("Beans\n" + text).times().stream()
                        .map(t -> Integer.toString(t.value().least().value()))
                        .distinct()
                        .collect(Collectors.joining(" ")))
                .isEqualTo(minutes);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Process 20 minutes at 11 pounds, dial gauge. | 11
            Dial gauge. I brought it back up to 11 and started the 75 minutes over. | 11
            Vented ten. 75 min at 10. | 10
            Dial gauge (tested in May) 11# 30 min | 11
            at ten pounds pressure for 75 minutes | 10
            75 min at 15 psi | 15
            15 lbs. pressure, 75 min. | 15
            put the 10 lb weight on and process 75 minutes | 10
            Pressure can 75 minutes at 12 lb | 12
            Weighted gauge, 10 lb. | 10
            The canner is the weighted kind, 5-10-15. I put on the 10. | 10
            It has a dial and I ran it at 11 1/2. | 11.5
            85 minutes at 11, dial | 11
            Vented 10. 12 pounds. 30 min. | 12
            10 pounds (it's the weighted kind) for 25 minutes | 10
            pressure canner, the weighted kind at 10, vented, then 75 mins | 10
            Weighted-gauge canner; she says 15# because we're over 1,000. | 15
            Weighted gauge. Vented ten minutes. 10 pounds, 30 minutes. | 10
            Dial type, vented 10, then I took it up to 11 pounds and kept it there 75 minutes. | 11
            Dial gauge. Vent 10 minutes, bring to 12 lb (we are at 2,900 ft) and 75 minutes. | 12
            30 minutes at 10 weighted, vented. | 10
            My canner has the weights, I used the ten. Thirty minutes after ten of venting. | 10
            It has a dial. 75 minutes at 11, vented ten. | 11
            Weighted. Vented ten, let the weight come up to ten and held it there. | 10
            Weighted. An inch of room. I used 12 pounds and got 7 pints. Vented, 10 pounds, 75 minutes. | 10
            Vented ten, an inch of room, and used ten pounds as always, forty minutes. | 10
            """)
    void poundsOfPressure(String text, double psi) {
        assertThat(Read.facts("Beef cubes\nRaw in pints. " + text).pressures().stream()
                        .map(p -> p.value().psi()))
                .containsExactly(psi);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            7 pounds of okra | 0
            My neighbor and I share a canner (weighted, 10 and 15 lb). | 0
            4# beets, sliced | 0
            The gauge fell to 8 lb for a while. | 0
            Weighted canner. Vented ten minutes. Pints. The baby weighed 12 pounds. | 0
            Weighted canner. Vented ten minutes. Pints, we started with 15 lb of them. | 0
            """)
    void otherPoundsAreNone(String text, int count) {
        assertThat(Read.facts("Beans\n" + text).pressures()).hasSize(count);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            We live at 1,020 ft. | 1020
            Altitude: 700 feet | 700
            elev. 2,400' | 2400
            We are at about five thousand feet. | 5000
            640 feet above sea level | 640
            Sea level. | 0
            Altitude 500 m | 1641
            at 1,600 metres | 5250
            0 to 1,000 ft: ours is 710 | 710
            I do it up here at 6200 feet | 6200
            Elevation where we live is 680. | 680
            We moved from 600 ft to 6,350 ft last spring. | 6350
            Hello from the high desert, 5,280. | 5280
            0-1,000 ft (we are 440) | 440
            My city is 200 meter high. | 657
            Elev. under 1000. | 1000
            We're over six thousand feet (6,320). | 6320
            We're up at 2,200. | 2200
            The ridge's about 980. | 980
            Home is 640. | 640
            The row for 0-1,000 ft, and that's us. | 1000
            0 to 1,000 ft where I live | 1000
            The whole county lies between 400 and 900 feet. | 900
            Our elevation is 1,001-3,000 ft. | 3000
            Under 1000 ft. | 1000
            El. 1240. | 1240
            Altitude 0.9 km. | 2953
            The jars cooled. 25 min bwb at 2,250. | 2250
            I double checked the altitude on my phone: 3,105. | 3105
            We were at the beach (12 ft). | 12
            I'm practically at the beach, 25 ft. | 25
            """)
    void feetOfAltitude(String text, int feet) {
        assertThat(Read.facts("Pears\nProcess 20 minutes in boiling water. " + text)
                        .altitude())
                .map(a -> a.value().feet())
                .contains(feet);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            add 5 minutes above 3,000 ft
            0-1,000 ft 10 lb
            I add one minute for every 1,000 feet.
            I keep them on a shelf 6 feet above the floor.
            The pantry is 12 ft long.
            Altitude 0-1,000 ft: 20 minutes
            The farm lies between 400 and 900 feet from the highway.
            The 0-1,000 ft row, that's us I think.
            At 0-1,000 ft, mine took 20 minutes.
            """)
    void otherFeetAreNone(String text) {
        assertThat(Read.facts("Pears\nProcess 20 minutes in boiling water. " + text)
                        .altitude())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "We are at nine hundred and something?",
                "Somewhere around a thousand feet, maybe a bit more.",
                "It could be 900 or 1,100 feet, neither of us knows.",
                "600 ft below the pass.",
                "The county lies between 700 and 5,900 feet."
            })
    void anAltitudeInDoubtIsAskedAbout(String text) {
        assertThat(Read.recipe("Beets\nWash. " + text).unread()).anyMatch(Unread::bears);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            leaving 1/2-inch headspace | 0.5
            leave a half inch at the top | 0.5
            1" hs | 1
            headspace 1 1/4 inch | 1.25
            an inch and a quarter of headspace | 1.25
            Fill pints, 1/8 inch. | 0.125
            syrup to 12 mm from the top | 0.47
            cover with the liquid, leaving a quarter of an inch | 0.25
            a hair from the rim | 0
            leaving an inch and a half so they don't boil over | 1.5
            fill with pears, 1 inch; boiling syrup over, 1/2 inch | 0.5
            filled right up to the brim | 0
            three quarters of an inch down | 0.75
            a quarter inch of room | 0.25
            an inch down, boiling water to 1/2" | 0.5
            headspace 1/2, | 0.5
            hs: 1 1/4. | 1.25
            to an inch from the top, then boiling water, 1/2 in. headspace | 0.5
            boiling water, salt, 3/4 inch. Vented ten minutes. | 0.75
            hot juice over, leaving 1/2 inch. | 0.5
            quarts, to the very top, boiling water bath. | 0
            so full they touch the lids. | 0
            with the boiling water over them and an inch left, half a teaspoon of salt. | 1
            """)
    void inchesOfHeadspace(String text, double inches) {
        assertThat(Read.facts("Pears\nFill hot pint jars with pears, " + text).headspace())
                .map(h -> h.value().least().inches())
                .hasValueSatisfying(h -> assertThat(h).isCloseTo(inches, org.assertj.core.data.Offset.offset(0.01)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            cut in 1 inch pieces
            leave 1 inch of stem on the beets
            cover the beans with water by 2 to 3 inches
            two inches of water over the jars
            slice 1/4 inch thick
            tops trimmed to an inch
            scrub, leave 1" tops
            boiled with an inch of top left on
            """)
    void otherInchesAreNone(String text) {
        assertThat(Read.facts("Beets\nWash. " + text).headspace()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Fill hot pint jars. | PINT
            hot quarts | QUART
            qts | QUART
            half-pints | HALF_PINT
            8 oz jars | HALF_PINT
            jelly jars | HALF_PINT
            500 ml jars | PINT
            half gallons | HALF_GALLON
            pints or quarts (I did pints) | PINT
            Half gallons... no, quarts. | QUART
            9 lbs. snap beans for 9 pts | PINT
            """)
    void jars(String text, String jar) {
        assertThat(Facts.values(Read.facts("Pears\nBoil 5 minutes. " + text).jars()).stream()
                        .map(Enum::name))
                .containsExactly(jar);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            In an 8-quart saucepan bring the syrup to a boil.
            I use a 21-quart canner... a big kettle.
            4 quarts of tomatoes, chopped
            2 pints vinegar
            Two quarts... sorry, 3 quarts of water in the canner.
            My pressure canner, it's a 21 quart, is new.
            """)
    void potsAndMeasuresAreNoJars(String text) {
        assertThat(Read.facts("Pears\n" + text).jars()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Process in a boiling water canner 20 minutes. | BOILING_WATER
            water bath 20 min | BOILING_WATER
            three hours in the wash boiler | BOILING_WATER
            I keep them boiling in my big enamel kettle for three hours. | BOILING_WATER
            Boiling water: 20 minutes | BOILING_WATER
            Pints, half inch, boil 15 minutes | BOILING_WATER
            pressure canner, 11 lb | PRESSURE
            11 psi for 20 minutes | PRESSURE
            atmospheric steam canner 20 minutes | STEAM
            Keep in the refrigerator. | COLD_STORAGE
            """)
    void methods(String text, String method) {
        assertThat(Facts.values(Read.facts("Pears\nFill pints. " + text).methods()).stream()
                        .map(Enum::name))
                .contains(method);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            The needle dropped to 8 halfway through. | true
            When I came back it was down to 7 and I brought it back up. | true
            I let the pressure drop to zero by itself. | false
            Natural pressure drop. | false
            The gauge fell off years ago. | false
            If the pressure drops, start the time again. | false
            """)
    void pressureThatFell(String text, boolean dropped) {
        assertThat(Read.facts("Beef cubes\nRaw in pints. Vented ten minutes, 75 minutes at 10 lb weighted. " + text)
                        .pressureDropped()
                        .isPresent())
                .isEqualTo(dropped);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Pour boiling hot into jars and screw the lids down tight, and that was that. | true
            Close them and wrap them in blankets overnight. | true
            They seal on their own. | true
            Lids on and turn on heads for 5 min. | true
            Lids on and towels over till they pop. | true
            Sealed and left on the counter to go pop. | true
            No need to process. | true
            Screw the lids on and process 20 minutes. | false
            They cooled on a towel and every lid went down. | false
            """)
    void openKettle(String text, boolean open) {
        assertThat(Read.facts("Blackberry jam\n4 cups berries, 4 cups sugar. Boil. " + text)
                        .openKettle()
                        .isPresent())
                .isEqualTo(open);
    }
}
