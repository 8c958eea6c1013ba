package oilcloth.server.sums;

import java.util.List;
import oilcloth.arithmetic.BatchAcid;
import oilcloth.arithmetic.BrineMix;
import oilcloth.arithmetic.JellyPoint;
import oilcloth.arithmetic.Loads;
import oilcloth.arithmetic.ProduceJars;
import oilcloth.arithmetic.SaltSum;
import oilcloth.arithmetic.ScaleCheck;
import oilcloth.arithmetic.SyrupMix;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;
import oilcloth.heat.BoilingPoint;
import oilcloth.heat.Sterilising;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One address a sum. */
@RestController
@RequestMapping("/api/sums")
class SumsController {
    /** What the pickers offer. */
    record SumChoices(
            List<String> acidFoods,
            List<JarChoice> jars,
            List<String> salts,
            List<String> produce,
            List<CannerChoice> canners,
            List<SyrupChoice> syrups) {}

    record JarChoice(String id, String label) {}

    record CannerChoice(String canner, String jar, int most, String note) {}

    record SyrupChoice(String name, double percent) {}

    record AcidSum(String form, String perJar, String total, String source) {}

    record SyrupSum(double waterCups, double sugarCups, double percent, double yieldCups) {}

    record BrineSum(double percent, double waterPerVinegar, double leastPercent, double mostWaterCups, boolean weak) {}

    record SaltSwap(double cups, String note, boolean ferment) {}

    record SaltShare(double percent) {}

    record ProduceSum(
            String name, double pounds, double least, double likely, double most, String container, String source) {}

    record LoadSum(int loads, int last, int most, String note) {}

    record ScaleSum(double trueGrams, double offPercent, boolean inOrder) {}

    record HeightSum(double boilingF, double jellyF, int steriliseMinutes) {}

    private final CurrentGuide guide;

    SumsController(CurrentGuide guide) {
        this.guide = guide;
    }

    @GetMapping("/choices")
    SumChoices choices() {
        GuideSnapshot now = guide.snapshot();
        Kitchen kitchen = now.kitchen();
        return new SumChoices(
                now.acidRules().stream().map(a -> a.foodGroup()).distinct().toList(),
                List.of(JarSize.values()).stream()
                        .map(j -> new JarChoice(j.id(), j.label()))
                        .toList(),
                kitchen.salts().stream().map(Kitchen.Salt::kind).toList(),
                kitchen.yields().stream().map(Kitchen.Yield::name).toList(),
                kitchen.loads().stream()
                        .map(c -> new CannerChoice(c.canner(), c.jar().id(), c.most(), c.note()))
                        .toList(),
                kitchen.syrups().stream()
                        .map(s -> new SyrupChoice(s.name(), s.percent()))
                        .toList());
    }

    @GetMapping("/acid")
    List<AcidSum> acid(@RequestParam String food, @RequestParam String jar, @RequestParam int jars) {
        return BatchAcid.of(guide.snapshot(), food, jar(jar), jars).stream()
                .map(a -> new AcidSum(
                        a.rule().form().label(),
                        a.perJar().toString(),
                        a.total().toString(),
                        a.rule().source()))
                .toList();
    }

    @GetMapping("/syrup")
    SyrupSum syrup(@RequestParam double percent, @RequestParam double cups) {
        SyrupMix mix = SyrupMix.forYield(percent, cups);
        return new SyrupSum(mix.waterCups(), mix.sugarCups(), mix.percent(), mix.yieldCups());
    }

    @GetMapping("/brine")
    BrineSum brine(@RequestParam double vinegar, @RequestParam double strength, @RequestParam double water) {
        BrineMix mix = BrineMix.of(guide.snapshot(), vinegar, strength, water);
        return new BrineSum(
                mix.percent(), mix.waterPerVinegar(), mix.leastPercent(), mix.mostWaterCups(), mix.isWeak());
    }

    @GetMapping("/salt-swap")
    SaltSwap swap(@RequestParam double cups, @RequestParam String from, @RequestParam String to) {
        GuideSnapshot now = guide.snapshot();
        Kitchen.Salt other = SaltSum.kind(now, to);
        return new SaltSwap(SaltSum.swap(now, cups, from, to), other.note(), other.ferment());
    }

    @GetMapping("/salt-share")
    SaltShare share(@RequestParam double cups, @RequestParam String kind, @RequestParam double pounds) {
        return new SaltShare(SaltSum.percent(guide.snapshot(), cups, kind, pounds));
    }

    /** Jars from pounds, or pounds for jars, whichever is given. */
    @GetMapping("/produce")
    ProduceSum produce(
            @RequestParam String name,
            @RequestParam String jar,
            @RequestParam(required = false) Double pounds,
            @RequestParam(required = false) Double jars) {
        Kitchen.Yield yield = guide.snapshot().kitchen().yields().stream()
                .filter(y -> y.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no yield is known for “" + name + "”"));
        if ((pounds == null) == (jars == null)) {
            throw new IllegalArgumentException("give the pounds or the jars");
        }
        ProduceJars sum = pounds != null
                ? ProduceJars.fromPounds(yield, pounds, jar(jar))
                : ProduceJars.forJars(yield, jars, jar(jar));
        return new ProduceSum(
                yield.name(), sum.pounds(), sum.least(), sum.likely(), sum.most(), yield.container(), yield.source());
    }

    @GetMapping("/loads")
    LoadSum loads(@RequestParam String canner, @RequestParam String jar, @RequestParam int jars) {
        Kitchen.CannerLoad load = guide.snapshot().kitchen().loads().stream()
                .filter(c -> c.canner().equals(canner) && c.jar() == jar(jar))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no load is known for that canner and jar"));
        Loads sum = Loads.of(load, jars);
        return new LoadSum(sum.loads(), sum.last(), load.most(), load.note());
    }

    @GetMapping("/scale")
    ScaleSum scale(@RequestParam double quarts, @RequestParam double grams) {
        ScaleCheck check = ScaleCheck.of(quarts, grams);
        return new ScaleSum(check.trueGrams(), check.offPercent(), check.isTrue());
    }

    @GetMapping("/height")
    HeightSum height(@RequestParam int feet) {
        Altitude altitude = Altitude.ofFeet(feet);
        return new HeightSum(
                BoilingPoint.fahrenheit(altitude),
                JellyPoint.fahrenheit(altitude),
                Sterilising.minutes(altitude).value());
    }

    private static JarSize jar(String id) {
        return JarSize.ofId(id).orElseThrow(() -> new IllegalArgumentException("“" + id + "” is no jar"));
    }
}
