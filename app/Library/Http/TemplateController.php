<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Engine\CoreCatalogs;
use App\Library\CautionRepository;
use App\Library\TemplateFile;
use App\Library\TemplateFromPlan;
use App\Library\TemplateRepository;
use App\Models\Plan;
use App\Models\PracticeTemplate;
use App\Models\User;
use App\Support\Fields;
use Core\Exception\InvalidLadder;
use Core\Exposure\PlanKind;
use Core\Template\Inclusion;
use Core\Template\Template;
use Core\Template\TemplateCatalog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Ladders to begin from: those that ship and a practice's own. */
final readonly class TemplateController
{
    private const MAX_KILOBYTES = 1024;

    public function __construct(private CoreCatalogs $catalogs, private TemplateRepository $templates, private TemplateFile $files)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        $templates = $this->templates->of($user->practice_id);

        return view('pages.templates.index', [
            'kinds' => array_map(
                static fn (PlanKind $kind): array => ['kind' => $kind, 'templates' => $templates->ofKind($kind)], PlanKind::cases(),
            ),
            'own' => PracticeTemplate::query()
                ->where('practice_id', $user->practice_id)->limit(TemplateRepository::MAX_OWN)->get()->keyBy('key'),
            'shelf' => $templates, 'unreadable' => $this->templates->unreadable($user->practice_id),
        ]);
    }

    public function show(string $key, CautionRepository $cautions, #[CurrentUser] User $user): View
    {
        [$templates, $template] = $this->found($key, $user);

        return view('pages.templates.show', [
            'template' => $template, 'steps' => $templates->steps($template), 'catalog' => $this->catalogs->dimensions($template->kind),
            'skills' => $this->catalogs->methods()->skills,
            'cautions' => $cautions->keyed($template->cautions), 'own' => $this->own($key, $user), 'unit' => $user->units()->distance,
        ]);
    }

    public function export(string $key, #[CurrentUser] User $user): Response
    {
        return new Response($this->files->export($this->found($key, $user)[1]), 200, [
            'Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"{$key}.json\"",
        ]);
    }

    /** Saves a plan's ladder for other dogs. */
    public function store(Request $request, Plan $plan, TemplateFromPlan $maker, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $given = Fields::of($request->validate(
            ['template_label' => ['required', 'string', 'max:120'], 'template_about' => ['nullable', 'string', 'max:600']],
            ['template_label.*' => say('messages.template.give_the_template_a_name_of')],
        ));
        $template = $this->checked('template_label', fn (): array => $this->files->keep(
            [$maker->make($plan, $user, $given->text('template_label'), $given->textOrNull('template_about') ?? say(
                'messages.template.as_worked_out_in', ['plan' => $plan->name],
            ))],
            $user,
        ))[0];

        return redirect()->route('templates.show', $template->key)->with('status', say(
            'messages.template.kept_as_a_template_of_the', ['template' => $template->label],
        ));
    }

    public function import(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', PracticeTemplate::class);
        $request->validate(
            [
                'file' => ['required_without:text', 'nullable', 'file', 'max:'.self::MAX_KILOBYTES],
                'text' => ['nullable', 'string', 'max:'.self::MAX_KILOBYTES * 1024],
            ],
            [
                'file.required_without' => say('messages.template.choose_a_file_or_paste_its'),
                'file.*' => say('messages.template.the_file_must_be_json_of'),
            ],
        );
        $upload = $request->file('file');
        $json = $upload instanceof UploadedFile ? (string) $upload->get() : $request->string('text')->value();
        $kept = $this->checked($upload instanceof UploadedFile ? 'file' : 'text', fn (): array => $this->files->import($json, $user));

        return count($kept) === 1
            ? redirect()
                ->route('templates.show', $kept[0]->key)->with('status', say('messages.template.taken_over', ['kept' => $kept[0]->label]))
            : redirect()->route('templates.index')->with('status', say('messages.template.imported', ['count' => count($kept)]));
    }

    public function edit(string $key, #[CurrentUser] User $user): View
    {
        $own = $this->own($key, $user) ?? abort(404);
        Gate::authorize('update', $own);

        return view('pages.templates.edit', [
            'own' => $own, 'template' => $this->found($key, $user)[1], 'skills' => $this->catalogs->methods()->skills,
            'catalog' => $this->catalogs->dimensions(PlanKind::from($own->kind)), 'unit' => $user->units()->distance,
        ]);
    }

    public function update(TemplateRequest $request, string $key, #[CurrentUser] User $user): RedirectResponse
    {
        $this->checked('steps', fn (): array => $this->files->keep(
            [$this->catalogs->templateReader()->read($request->changed($request->own()->content))], $user,
        ));

        return redirect()->route('templates.show', $key)->with('status', say('messages.template.the_template_is_changed_plans_made'));
    }

    public function destroy(string $key, #[CurrentUser] User $user): RedirectResponse
    {
        $own = $this->own($key, $user) ?? abort(404);
        Gate::authorize('update', $own);
        $using = array_filter(
            $this->templates->of($user->practice_id)->templates,
            static fn (Template $template): bool => $template->key !== $key
                && array_filter($template->items, static fn ($item): bool => $item instanceof Inclusion && $item->template === $key) !== [],
        );
        if ($using !== []) {
            throw ValidationException::withMessages(['template' => say('messages.template.part_of', [
                'names' => implode(', ', array_map(static fn (Template $template): string => $template->label, $using)),
            ])]);
        }
        $content = $this->files->takeOut($own);

        return redirect()->route('templates.index')->with('status', say(
            'messages.template.taken_out_to_have_it_back', ['own' => $own->label],
        ))->with('_old_input', ['text' => $content]);
    }

    /** @return array{TemplateCatalog, Template} */
    private function found(string $key, User $user): array
    {
        $templates = $this->templates->of($user->practice_id);

        return [$templates, $templates->templates[$key] ?? abort(404)];
    }

    private function own(string $key, User $user): ?PracticeTemplate
    {
        return PracticeTemplate::query()->where('practice_id', $user->practice_id)->where('key', $key)->first();
    }

    /**
     * @param  callable(): list<PracticeTemplate>  $keep
     * @return non-empty-list<PracticeTemplate>
     */
    private function checked(string $field, callable $keep): array
    {
        try {
            $kept = $keep();
        } catch (InvalidLadder $problem) {
            throw ValidationException::withMessages([$field => $problem->pointer === '' ? words()->error($problem) : say(
                'messages.template.at', ['pointer' => $problem->pointer, 'problem' => words()->error($problem)],
            )]);
        }

        return $kept === [] ? throw new \LogicException('A file holds at least one template.') : $kept;
    }
}
