@php($off = $page->open->rest()->panels)
<b>{{ ['live' => 'Power on', 'fuse_out' => 'Fuse out', 'dead' => 'Dead'][$page->plan->state] }}</b>
@foreach (array_slice($off, 0, 2) as $panel)
    · {{ lcfirst($page->plan->build->panels[$panel]->label) }} off
@endforeach
