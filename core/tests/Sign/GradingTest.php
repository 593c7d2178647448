<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Exception\InvalidSign;
use Core\Sign\Band;
use Core\Sign\Grading;
use Core\Sign\Outcome;
use Core\Sign\Reading;
use Core\Sign\SignCatalog;
use Core\Sign\SignWeight;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

#[CoversClass(Grading::class)]
#[CoversClass(SignCatalog::class)]
final class GradingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, Band}> */
    public static function gradings(): iterable
    {
        yield 'nothing seen' => [[], Band::Easy];
        yield 'comfort only' => [['body.loose', 'face.soft'], Band::Easy];
        yield 'soft interest is the working zone' => [['watch.soft'], Band::Aware];
        yield 'one small sign' => [['lick.lip'], Band::Aware];
        yield 'comfort cancels a small sign' => [['lick.lip', 'eat.gentle'], Band::Easy];
        yield 'two small signs' => [['lick.lip', 'yawn'], Band::Effort];
        yield 'a medium sign' => [['head.low'], Band::Effort];
        yield 'comfort never cancels a medium sign' => [['head.low', 'body.loose', 'face.soft', 'eat.gentle'], Band::Effort];
        yield 'two medium and a small sign make five' => [['head.low', 'stiff', 'yawn'], Band::Strain];
        yield 'two medium signs make four' => [['head.low', 'stiff'], Band::Effort];
        yield 'one strong sign' => [['freeze'], Band::Strain];
        yield 'any reaction' => [['growl', 'body.loose'], Band::Over];
        yield 'ticked twice counts once' => [['lick.lip', 'lick.lip'], Band::Aware];
        yield 'sniffing with nothing said' => [['sniff.displace'], Band::Aware];
        yield 'sniffing that was asked for' => [['sniff.displace', 'asked_to_sniff'], Band::Easy];
        yield 'sniffing where its own second dog is' => [['own_dog_here', 'sniff.displace'], Band::Easy];
        yield 'a circumstance explains nothing else away' => [['lick.lip', 'asked_to_sniff'], Band::Aware];
        yield 'with me is a note, no comfort' => [['lick.lip', 'with.me'], Band::Aware];
        yield 'tiredness is not stress' => [['slow.walk'], Band::Easy];
    }

    /** @param  list<string>  $signs */
    #[DataProvider('gradings')]
    public function test_the_band_follows_from_the_signs(array $signs, Band $expected): void
    {
        self::assertSame($expected, (new Grading(Fixture::signs()))->propose($signs));
    }

    public function test_a_dog_that_hides_its_signs_is_graded_harder(): void
    {
        self::assertSame(Band::Effort, (new Grading(Fixture::signs(), hidesSigns: true))->propose(['lick.lip', 'eat.gentle']));
    }

    public function test_one_more_stress_sign_never_makes_the_band_milder(): void
    {
        $grading = new Grading(Fixture::signs());
        $codes = array_keys(array_filter(Fixture::signs()->signs, static fn ($sign): bool => $sign->weight !== SignWeight::Comfort));
        foreach ([[], ['lick.lip'], ['head.low', 'body.loose'], ['freeze', 'eat.gentle']] as $seen) {
            foreach ($codes as $code) {
                self::assertTrue($grading->propose([...$seen, $code])->atLeast($grading->propose($seen)), $code);
            }
        }
    }

    public function test_a_reaction_as_outcome_is_over_whatever_was_ticked(): void
    {
        self::assertSame(Band::Over, (new Grading(Fixture::signs()))->propose(['body.loose'], Outcome::ReactedCame));
    }

    public function test_an_unknown_sign_is_named(): void
    {
        $this->expectException(InvalidSign::class);
        $this->expectExceptionMessage('tail.helicopter');
        (new Grading(Fixture::signs()))->propose(['tail.helicopter']);
    }

    public function test_circumstances_and_a_dogs_own_normal_explain_signs_away_but_never_a_bite(): void
    {
        $grading = new Grading(Fixture::signs(), normal: ['slow.mark']);

        self::assertSame(Band::Effort, $grading->propose(['look.hand']));
        self::assertSame(Band::Easy, $grading->propose(['look.hand'], null, ['food_ran_out']));
        self::assertSame(Band::Easy, $grading->propose(['slow.mark']));
        self::assertSame(Band::Over, (new Grading(Fixture::signs(), normal: ['bite']))->propose(['bite'], null, ['food_ran_out']));
    }

    public function test_the_same_sign_reads_differently_under_different_methods(): void
    {
        self::assertSame(Band::Effort, (new Grading(Fixture::signs()))->propose(['stiff']));
        self::assertSame(Band::Strain, (new Grading(Fixture::signs(), reading: Reading::Contact))->propose(['stiff']));
        self::assertSame(Band::Strain, (new Grading(Fixture::signs()))->propose(['leave']));
        self::assertSame(
            Band::Easy, (new Grading(Fixture::signs(), reading: Reading::Station))->propose(['leave']),
            'there it is an opt-out, told by the outcome',
        );
    }
}
