@php($pins = $page->pins())
<section class="pins" id="pins" aria-label="Pins">
@if($pins === [])
<p class="quiet">@if($page->circuit)Nothing stands out at three supply states{{ $first ? ', '.BenchGlow\Quantity\Shown::plain($first->minV, 1).' to '.BenchGlow\Quantity\Shown::plain($first->maxV, 1).' V' : '' }}. Measure before you trust it.@endif</p>
@endif
<ol>
@foreach($pins as $n => $finding)
<li id="pin-{{ $n + 1 }}" class="pin {{ $finding->severity->value }}" tabindex="-1">
<a class="number" href="#drawing" data-shows="{{ $finding->subject }}" aria-label="Pin {{ $n + 1 }}, show its place">{{ $n + 1 }}</a>
<div><p><x-severity :of="$finding->severity->value"/> {{ $finding->message }}</p>
@if($finding->edit)<x-act :page="$page" :edit="$finding->edit" class="is-primary is-small fix">{{ $finding->fix }}</x-act>@endif
@if($finding->severity !== BenchGlow\Check\Severity::Danger)
<details class="aside"><summary>Set aside</summary>
<form method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" :echo="'aside-'.$n"/>
<input type="hidden" name="op" value="accept"><input type="hidden" name="rule" value="{{ $finding->rule }}"><input type="hidden" name="subject" value="{{ $finding->subject }}"><input type="hidden" name="render" value="all">
<label for="why-{{ $n }}">Because</label><input class="typed" id="why-{{ $n }}" name="reason" size="18" autocomplete="off"><button class="button is-small">Set it aside</button><span class="echo" id="aside-{{ $n }}"></span></form></details>
@endif
</div></li>
@endforeach
</ol>
@foreach($page->setAside() as $finding)
<div class="set-aside"><p>Set aside: {{ $finding->message }} <em>“{{ $finding->acceptedBecause }}”</em></p><x-act :page="$page" :edit="['op' => 'unaccept', 'rule' => $finding->rule, 'subject' => $finding->subject]" class="is-small">Look at it again</x-act></div>
@endforeach
</section>
