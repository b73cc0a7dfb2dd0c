@extends('errors.page')
@section('title', 'Not from here')
@section('says', $says)
@section('kept', 'Nothing was changed.')
