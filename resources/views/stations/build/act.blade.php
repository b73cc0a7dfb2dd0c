@php($act = $now->act)
<section
    class="act-now"
    id="act-now"
    data-ahead="{{ $page->ahead() }}"
    aria-label="The act now"
>
    <p class="where">
        @if ($back = $page->look(-1))
            <a
                href="{{ $back }}"
                hx-get="{{ $back }}"
                hx-swap="none"
                hx-push-url="true"
                data-build-key="["
            >‹ Back</a>
        @endif
        <span>act {{ $page->at() + 1 }} of {{ count($page->plan->acts) }}
            @if ($words = $page->plan->calendar->words($now->from))
                · {{ $words }}
            @endif
            · {{ $act->main->place }}
        </span>
        @if ($next = $page->look(1))
            <a
                href="{{ $next }}"
                hx-get="{{ $next }}"
                hx-swap="none"
                hx-push-url="true"
                data-build-key="]"
            >Next ›</a>
        @endif
    </p>
    <div class="said">
        <h1>{{ $act->title() }}</h1>
        @if ($act->main->number !== null)
            <p class="act-number"><b class="figure">{{ $act->main->number }}</b>
                <span>{{ $act->main->numberOf }}</span>
            </p>
        @elseif ($act->main->numberOf !== '')
            <p class="act-number"><span>{{ $act->main->numberOf }}</span></p>
        @endif
        <p class="because">{{ $page->because($now) }}</p>
    </div>
    @if (($drawing = $page->drawing($act)) !== '')
        <svg
            class="act-drawing"
            viewBox="0 0 724 160"
            width="724"
            height="160"
            role="img"
            aria-label="{{ $act->title() }}"
        >{!! $drawing !!}</svg>
    @endif
    @foreach ($act->cautions() as $caution)
        <p class="caution must"><b>{{ $caution }}</b></p>
    @endforeach
    @foreach ($page->beside->lessons->reminders($act) as $reminder)
        <p class="caution">{{ $reminder }}</p>
    @endforeach
    @if ($other = $page->beside->otherSide($act))
        <p class="other-side">{{ $other['words'] }}</p>
        @include('stations.build.photos', ['photos' => $other['photos']])
    @endif
    @include('stations.build.photos', ['photos' => $page->beside->photos($act)])
    @if ($act->hands > $page->plan->steps->job->choices->people)
        <p class="caution">Two hands more would help: a strap on the lever, or a phone as a mirror, does it alone.</p>
    @endif
    @if (($done = $page->justDone($in ?? null)) !== '')
        <div class="just-done">{{ $done }}
            <form
                method="post"
                action="{{ $frame->to('undo') }}"
                hx-post="{{ $frame->to('undo') }}"
            ><x-hidden />
                <button class="button is-small">Take back</button>
            </form>
        </div>
    @endif
    <div class="act-keys">
        @php($presses = $page->beside->lessons->presses($act))
        <x-form
            op="done"
            echo="done-echo"
            render="all"
            :with="[...$page->facts($act), 'presses' => count($presses)]"
            :to="$frame->toEditClosing('act')"
            class="done"
        >
            @foreach ($presses as $n => $press)
                <label class="press"><input
                        type="checkbox"
                        name="pressed[]"
                        value="{{ $n }}"
                    > {{ $press }}</label>
            @endforeach
            <button
                class="button is-primary"
                data-build-key="d"
            >Done</button><span
                class="echo"
                id="done-echo"
            ></span>
        </x-form>
        <details
            class="act-key"
            name="act-key"
        >
            <summary data-build-key="e">Otherwise…</summary>
            <x-form
                op="otherwise"
                echo="otherwise-echo"
                render="all"
                :with="$page->facts($act)"
                :to="$frame->toEditClosing('act')"
                class="says"
            >
                @if (($asks = $page->otherwise($act)) !== '')
                    <x-field
                        id="otherwise-figure"
                        :label="ucfirst($asks)"
                        name="figure"
                        size="8"
                    />
                @endif
                <x-field
                    id="otherwise-note"
                    label="How it was done"
                    name="note"
                    size="26"
                />
                <button class="button">It is done so</button><span
                    class="echo"
                    id="otherwise-echo"
                ></span>
            </x-form>
        </details>
        <details
            class="act-key"
            name="act-key"
        >
            <summary data-build-key="x">Not now…</summary>
            <x-form
                op="not_now"
                echo="not-now-echo"
                render="all"
                :with="['step' => $act->main->key, 'words' => $act->title()]"
                :to="$frame->toEditClosing('act')"
                class="says"
            >
                <x-field
                    id="not-now-until"
                    label="Until"
                    name="until"
                    size="16"
                    placeholder="2026-06-01"
                />
                <x-field
                    id="not-now-why"
                    label="because"
                    name="why"
                    size="20"
                />
                <button class="button">Put it off</button><span
                    class="echo"
                    id="not-now-echo"
                ></span></x-form>
        </details>
        <details
            class="act-key"
            name="act-key"
        >
            <summary data-build-key="m">Mistake…</summary>
            <x-form
                op="mistake"
                echo="mistake-echo"
                render="all"
                :with="['step' => $act->main->key]"
                class="says"
            >
                <x-select
                    id="mistake-cause"
                    label="Cause"
                    name="cause"
                    :options="App\Stations\Build\Forms\MistakeForm::causes()"
                />
                <x-field
                    id="mistake-minutes"
                    label="minutes lost"
                    name="minutes"
                    size="4"
                />
                <x-field
                    id="mistake-short"
                    label="too short by"
                    name="short"
                    size="6"
                />
                <x-field
                    id="mistake-text"
                    label="in words"
                    name="text"
                    size="24"
                />
                <button class="button">Write it down</button><span
                    class="echo"
                    id="mistake-echo"
                ></span></x-form>
        </details>
        <details
            class="act-key"
            name="act-key"
        >
            <summary data-build-key="p">Photo…</summary>
            @include('stations.build.photo', [
                'id' => 'act-photo',
                'with' => ['step' => $act->main->key, 'words' => $act->title()],
            ])
        </details>
        <span class="usual muted">{{ $page->range($act) }}</span>
    </div>
    @include('phone.hand', [
        'to' => $page->url($act->key),
        'what' => 'act ' . ($page->at() + 1),
    ])
    @if (isset($page->plan->acts[$page->at() + 1]))
        <p class="then"><b>Then</b> {{ lcfirst($page->plan->acts[$page->at() + 1]->act->title()) }}.</p>
    @endif
</section>
