@php($S = BenchGlow\Quantity\Shown::class)
@php($build = $page->analysis->build)
@if($page->circuit === null)
<h1 class="sentence">Say what should glow and when; every other station works from this sentence.</h1>
@else
@php($rest = $build->restPositions())
<h1 class="sentence big-sentence">{{ implode(' ', BenchGlow\Build\Sentence::of($build, $page->circuit)) ?: 'Nothing is wanted of '.BenchGlow\Quantity\Words::within($page->circuit->label).' yet.' }}</h1>
@foreach($page->circuit->wants as $n => $want)
@php($clauses = BenchGlow\Build\Clauses::of($want->when->data, $page->document))
<form class="clauses" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-trigger="change" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all" aria-label="When {{ lcfirst(BenchGlow\Build\Sentence::who($build, $want)) }}"><x-hidden :page="$page" :echo="'clause-'.$n"/>
@if($clauses !== null)<input type="hidden" name="op" value="set_clauses"><input type="hidden" name="id" value="{{ $want->id }}"><input type="hidden" name="render" value="all">
<span class="clause-who">{{ BenchGlow\Build\Sentence::who($build, $want) }} when</span>
@foreach([...$clauses, ...(count($clauses) < 3 ? [['join' => 'or', 'text' => '']] : [])] as $k => $clause)
@php($holds = $clause['text'] !== '' && (new BenchGlow\Build\When(BenchGlow\Build\WhenText::read($clause['text'], $page->document)))->holds([...$rest, ...$page->thrown], $rest))
@if($k > 0)<select class="typed join" name="join[{{ $k }}]" aria-label="joined by, {{ $k + 1 }}">@foreach(['or', 'and', 'unless'] as $join)<option @selected($clause['join'] === $join)>{{ $join }}</option>@endforeach</select>@else<input type="hidden" name="join[0]" value="">@endif
<select @class(['typed', 'clause', 'live-clause' => $holds]) name="clause[{{ $k }}]" aria-label="clause {{ $k + 1 }} of {{ lcfirst(BenchGlow\Build\Sentence::who($build, $want)) }}"><option value="">{{ $k === 0 ? 'always' : '…' }}</option>
@if($clause['text'] !== '' && ! isset(array_flip(App\View\DayView::phrases($page->document))[$clause['text']]))<option value="{{ $clause['text'] }}" selected>{{ $clause['text'] }}</option>@endif
@foreach(App\View\DayView::phrases($page->document) as $phrase)<option value="{{ $phrase }}" @selected($clause['text'] === $phrase)>{{ $phrase }}</option>@endforeach</select>
@endforeach
<noscript><button class="button is-small">Keep it</button></noscript>
@else<span class="clause-who">{{ BenchGlow\Build\Sentence::who($build, $want) }}</span><input type="hidden" name="op" value="set_when"><input type="hidden" name="id" value="{{ $want->id }}"><input type="hidden" name="field" value="when"><input type="hidden" name="render" value="all"><label class="is-sr-only" for="clause-text-{{ $n }}">When</label><input class="typed" id="clause-text-{{ $n }}" name="text" size="40" value="{{ BenchGlow\Build\WhenText::say($want->when->data, $page->document) }}" autocomplete="off">@endif
<span class="echo" id="clause-{{ $n }}"></span></form>
@endforeach
<p class="muted">What is true right now is underlined in light. Brackets and more than three clauses are typed: <a href="{{ $page->url(['station' => 'circuit']) }}">the wishes in words</a>.</p>
@endif
