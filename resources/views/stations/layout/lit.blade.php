@include('stations.layout.picture')
@include('stations.layout.figures', ['oob' => true])
@include('stations.layout.said', ['oob' => true])
