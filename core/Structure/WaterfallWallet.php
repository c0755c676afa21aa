<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Bare;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Fold;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\Opening;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Phase;
use Ephemeron\Blueprint\Pose;
use Ephemeron\Blueprint\Posted;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Reason;
use Ephemeron\Blueprint\Seen;
use Ephemeron\Blueprint\Task;
use Ephemeron\Blueprint\Trim;
use Ephemeron\Design\Allowances;
use Ephemeron\Design\FaceMats;
use Ephemeron\Design\MatRule;
use Ephemeron\Design\MatSchool;
use Ephemeron\Design\Parameter;
use Ephemeron\Design\Placed;
use Ephemeron\Design\Values;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Size;
use Ephemeron\Measure\Unit;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * A wallet for the post with a waterfall inside. Source: common practice, no published source.
 *
 * One strip: pocket | panel | back | flap, w wide; the back is ⅛ more than the panel so that it closes over what lies inside (1½ + 4 + 4⅛
 * + 2⅜ = 12). The pocket turns up and is glued at both ends. On the back a waterfall runs along the width: with a step of ½ and four
 * flaps, (4 − 1) × ½ + 5 = 6½ fills it, 3⁄16 clear on each side. The liner above the pocket is ⅜ narrower than the wallet and ½ taller
 * than what is seen, tucked in; the flap's liner is ¼ narrower and ⅛ shorter than the flap. The strip is drawn from the outside with the
 * pocket at its head, so what is printed on the back cover stands on its head when the flap is up.
 */
final readonly class WaterfallWallet implements Structure
{
    public function about(): About
    {
        return new About(
            'waterfall-wallet',
            'Waterfall wallet',
            'A flat wallet from two sheets with a pocket and a waterfall; it goes into a card envelope.',
            Skill::First,
            new Sizing(['width'], ['panel']),
        );
    }

    public function parameters(): array
    {
        return [
            Parameter::length(
                'width',
                'Width',
                'Of the wallet.',
                Length::inches(4),
                Length::inches(12),
                Length::inches(6, 1, 2),
                Length::millimetres(165),
            ),
            Parameter::length(
                'panel',
                'Panel',
                'Height of the closed wallet in front.',
                Length::inches(2, 1, 2),
                Length::inches(8),
                Length::inches(4),
                Length::millimetres(100),
            ),
            Parameter::length(
                'more',
                'Back more by',
                'So that it closes over what lies inside.',
                Length::inches(0, 1, 16),
                Length::inches(0, 1, 2),
                Length::inches(0, 1, 8),
                Length::millimetres(3),
            ),
            Parameter::length(
                'pocket',
                'Pocket',
                'The part turned up at the foot.',
                Length::inches(0, 3, 4),
                Length::inches(5),
                Length::inches(1, 1, 2),
                Length::millimetres(40),
            ),
            Parameter::length(
                'flap',
                'Closing flap',
                'How far it reaches over the front.',
                Length::inches(1),
                Length::inches(6),
                Length::inches(2, 3, 8),
                Length::millimetres(58),
            ),
            Parameter::choice('envelope', 'Envelope', 'What it is to be sent in.', [
                'card' => '5 × 7 card envelope, 5¼ × 7¼ in inside', 'c6' => 'C6, 11.4 × 16.2 cm', 'c5' => 'C5, 16.2 × 22.9 cm',
                    'dl' => 'DL, 11 × 22 cm', 'none' => 'none',
            ], 'card', 'c5'),
            Parameter::length(
                'post-limit',
                'Thickness the post allows',
                'Of the filled envelope; empty: not checked.',
                Length::inches(0, 1, 16),
                Length::inches(3),
            ),
            Parameter::choice(
                'closing',
                'Closed with',
                'What holds the flap.',
                ['hook-and-loop-dot' => 'a hook-and-loop dot', 'ribbon-tie' => 'a ribbon', 'magnets' => 'magnets'],
                'hook-and-loop-dot',
            ),
        ];
    }

    public function defaultMats(): MatRule
    {
        $none = new FaceMats(layers: 0);

        return new MatRule(MatSchool::Fine, 1, ['front-cover' => $none, 'back-cover' => $none, 'page' => $none]);
    }

    public function refusals(Values $values, Notation $notation): array
    {
        $panel = $values->length('panel');

        return array_filter([
            'pocket' => $values->length('pocket')->isAtLeast($panel) ? sprintf(
                'The pocket must be less deep than the panel, %s.',
                $notation->text($panel),
            ) : null,
            'flap' => $values->length('flap')->isMoreThan($panel) ? sprintf(
                'The flap would reach over the foot of the front, which is %s high.',
                $notation->text($panel),
            ) : null,
        ]);
    }

    public function defaultFurniture(Values $values, Unit $unit): array
    {
        $allow = new Allowances($unit);
        $breadth = $values->length('panel')->plus($values->length('more'))->minus($allow->snug()->times(2));

        return [
            new Placed('page-1', 'waterfall', new Values(['flaps' => 4, 'runs' => 'right', 'breadth' => $breadth])),
            new Placed('front-cover/flap/inside', $values->choice('closing'), new Values),
        ];
    }

    public function materials(Unit $unit): array
    {
        $square = UsualPapers::square($unit);
        $sheet = Stock::pattern('Dew point pattern', $square, 200, doubleSided: true);

        return UsualPapers::of($unit)->with(StockRole::BookSheet, $sheet)->with(StockRole::StructureCard, $sheet)
            ->with(StockRole::MatTop, $sheet)->byRole();
    }

    public function layOut(Brief $brief): Draft
    {
        $draft = $brief->draft();
        $values = $brief->values;
        $panel = $values->length('panel');
        $back = $panel->plus($values->length('more'));
        $grid = PanelGrid::rows(
            $values->length('width'),
            ['pocket' => $values->length('pocket'), 'panel' => $panel, 'back' => $back, 'flap' => $values->length('flap')],
        );
        $draft->part(new Part(
            key: 'wallet',
            name: 'Wallet',
            section: 'Wallet',
            size: $grid->size(),
            role: StockRole::BookSheet,
            creases: $grid->creases(Fold::Mountain),
            glueZones: [
                new GlueZone($grid->area('', 'pocket')->strip(Edge::Left, Pouch::glueLoss()), Side::B, Adhesive::WetGlue),
                new GlueZone($grid->area('', 'pocket')->strip(Edge::Right, Pouch::glueLoss()), Side::B, Adhesive::WetGlue),
            ],
            panels: $grid->panels(),
            places: ['wallet'],
            corners: Corner::along(Edge::Bottom, Trim::Rounded, (new Allowances($brief->notation->unit))->tab()),
            why: "Pocket, panel, back, flap: {$grid->inWords($brief->notation)}.",
        ));
        $draft->add(new Reason('panel', "strip {$grid->inWords($brief->notation)}"));
        $this->addLiners($draft, $brief);
        $this->addFaces($draft, $values, $panel, $back);
        $draft->add(new Bare($brief->stock(StockRole::BookSheet)->caliper->times(4)));
        $this->post($draft, $values, new Size($values->length('width'), $back));

        return $draft;
    }

    private function addLiners(Draft $draft, Brief $brief): void
    {
        $values = $brief->values;
        $allow = new Allowances($brief->notation->unit);
        $width = $values->length('width');
        $tuck = $allow->either(Length::inches(0, 1, 2), Length::millimetres(12));
        $liner = new Size($width->minus($allow->snug()->times(2)), $values->length('panel')->minus($values->length('pocket'))->plus($tuck));
        $flap = new Size($width->minus($allow->quarter()), $values->length('flap')->minus($allow->fine()));
        $mat = new Size(
            $width->minus($allow->either(Length::inches(0, 3, 4), Length::millimetres(20))),
            $values->length('panel')->minus($allow->quarter()),
        );
        $draft->part(
            new Part(
                'liner',
                'Liner above the pocket',
                'Wallet',
                $liner,
                StockRole::MatTop,
                places: ['panel'],
                why: sprintf(
                    '%s narrower on both sides; what is seen above the pocket and %s tucked in.',
                    $brief->notation->text($allow->snug()),
                    $brief->notation->text($tuck),
                ),
            ),
        );
        $draft->part(
            new Part(
                'flap-liner',
                'Flap liner',
                'Wallet',
                $flap,
                StockRole::MatTop,
                places: ['closing flap'],
                why: sprintf(
                    '%s narrower and %s shorter than the flap.',
                    $brief->notation->text($allow->quarter()),
                    $brief->notation->text($allow->fine()),
                ),
            ),
        );
        $draft->part(
            new Part(
                'pocket-mat',
                'Photo mat in the pocket',
                'Loose cards',
                $mat,
                StockRole::InsertCard,
                upright: false,
                places: ['pocket'],
                why: sprintf(
                    '%s narrower than the wallet, %s shorter than the panel.',
                    $brief->notation->text($allow->either(Length::inches(0, 3, 4), Length::millimetres(20))),
                    $brief->notation->text($allow->quarter()),
                ),
            ),
        );
        $draft->add(new Filling('pocket-mat', 'page-2/turned-up-pocket'));
        $draft->task(new Task('turn-up', Phase::Assemble, 'Turn up the pocket', '', 'Wallet', Adhesive::WetGlue, ['wallet']));
        $this->line($draft, $brief, $liner, $flap, $tuck);
        $draft->task(
            new Task(
                'line',
                Phase::Mat,
                'Line panel and flap',
                'The liner above the pocket tucks in behind it; the edge that is tucked in stays dry, so that cards pass over it. The '
                    .'flap’s liner stays clear of the score; round its corners like those of the flap.',
                'Wallet',
                Adhesive::WetGlue,
                ['liner', 'flap-liner'],
                ['turn-up'],
            ),
        );
        $draft->task(
            new Task(
                'fill-pocket',
                Phase::Fill,
                'Fill the pocket',
                'The loose mat takes a print on each side.',
                'Loose cards',
                parts: ['pocket-mat'],
                acts: [new Slip('pocket-mat', 'page-2/turned-up-pocket')],
            ),
        );
    }

    private function line(Draft $draft, Brief $brief, Size $liner, Size $flap, Length $tuck): void
    {
        $values = $brief->values;
        $width = $values->length('width');
        $onPage = Rectangle::at($width->minus($liner->width)->half(), Length::zero(), $liner);
        $draft->add(new Joint(
            new PanelRef('liner', 'whole', Side::B),
            new PanelRef('wallet', 'panel', Side::B),
            $onPage,
            Adhesive::WetGlue,
            Layer::Mat,
            'line',
            'page-2',
            held: Rectangle::at($onPage->left(), $onPage->top(), new Size($liner->width, $liner->height->minus($tuck))),
        ));
        $draft->add(new Joint(
            new PanelRef('flap-liner', 'whole', Side::B),
            new PanelRef('wallet', 'flap', Side::B),
            Rectangle::centred($flap, new Size($width, $values->length('flap'))),
            Adhesive::WetGlue,
            Layer::Mat,
            'line',
            'front-cover/flap/inside',
        ));
    }

    private function addFaces(Draft $draft, Values $values, Length $panel, Length $back): void
    {
        $width = $values->length('width');
        $reading = new ReadingOrder($draft);
        $front = $reading->frontCover(new Size($width, $panel), new PanelRef('wallet', 'panel', Side::A), hinge: Edge::Bottom);
        $upper = $reading->page(
            new Size($width, $back),
            new PanelRef('wallet', 'back', Side::B),
            Edge::Bottom,
            'inside of the back',
            lie: Lie::UpsideDown,
        );
        $lower = $reading->page(
            new Size($width, $panel),
            new PanelRef('wallet', 'panel', Side::B),
            Edge::Top,
            'above the pocket',
            lie: Lie::UpsideDown,
        );
        $reading->backCover(new Size($width, $back), new PanelRef('wallet', 'back', Side::A), lie: Lie::UpsideDown, hinge: Edge::Bottom);
        $pocket = Rectangle::whole($lower->size)->strip(Edge::Bottom, $values->length('pocket'));
        (new PocketFront(
            'Turned-up pocket',
            new PanelRef('wallet', 'pocket', Side::A),
            $pocket,
            [Edge::Left, Edge::Right],
            Edge::Top,
            'turn-up',
            takesMat: false,
            kept: true,
        ))->on($draft, $lower);
        $size = new Size($width, $values->length('flap'));
        $flapFront = $front->front(
            'front-cover/flap/front',
            'Closing flap',
            $size,
            new PanelRef('wallet', 'flap', Side::A),
            false,
            Edge::Top,
            true,
        );
        $flapInside = $flapFront->reverse('front-cover/flap/inside', 'Closing flap, inside', false);
        $draft->face($flapFront);
        $draft->face($flapInside);
        $draft->add(
            new Flap(
                'front-cover/flap',
                'Closing flap',
                $front->key,
                Rectangle::at(Length::zero(), Length::zero(), $size),
                Edge::Top,
                $flapFront->key,
                $flapInside->key,
            ),
        );
        $draft->add(new Opening($upper->key, $lower->key));
        // The back stands a little higher than the front: the flap turns at its edge.
        $behind = Seen::bare(new PanelRef('wallet', 'back', Side::B), new Size($width, $back));
        $draft->add(
            new Pose(
                Pose::CLOSED,
                'Closed',
                [$behind, Seen::face($front)->at(Length::zero(), $back->minus($panel)), Seen::face($flapFront)],
            ),
        );
        $draft->add(Pose::column(Pose::OPENED, 'Opened', Seen::face($flapInside), Seen::face($upper), Seen::face($lower)));
    }

    /** Insides of envelopes: ISO 269 for the C sizes and DL; the card envelope is common practice, no published source. */
    private function post(Draft $draft, Values $values, Size $closed): void
    {
        $envelope = match ($values->choice('envelope')) {
            'card' => ['a 5 × 7 card envelope', Size::inches(7.25, 5.25)],
            'c6' => ['a C6 envelope', Size::millimetres(162, 114)],
            'c5' => ['a C5 envelope', Size::millimetres(229, 162)],
            'dl' => ['a DL envelope', Size::millimetres(220, 110)],
            default => null,
        };
        if ($envelope !== null) {
            $limit = $values->values['post-limit'] ?? null;
            $draft->add(new Posted($closed, $envelope[0], $envelope[1], $limit instanceof Length ? $limit : null));
        }
    }
}
